package org.goldentally.app.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** A colour or print that the owner has, or had; quilts refer to it by its id. */
@Entity
@Table(name = "cloth")
class Cloth {

    @Id
    private UUID id;

    @Column(nullable = false, updatable = false)
    private UUID ownerId;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String colour;

    @Version
    private int version;

    protected Cloth() {}

    Cloth(UUID ownerId, String name, String colour) {
        this.id = UUID.randomUUID();
        this.ownerId = ownerId;
        this.name = name;
        this.colour = colour;
    }

    UUID id() {
        return id;
    }

    String name() {
        return name;
    }

    String colour() {
        return colour;
    }

    int version() {
        return version;
    }

    void rename(String newName) {
        this.name = newName;
    }

    void recolour(String newColour) {
        this.colour = newColour;
    }
}
