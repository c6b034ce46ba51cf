package org.goldentally.app.shelf;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;
import org.goldentally.core.cloth.HousePrint;

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

    @Column(nullable = false)
    private String lightness = "";

    @Column(nullable = false)
    private boolean directional;

    @Column(nullable = false)
    @Enumerated(EnumType.STRING)
    private HousePrint print = HousePrint.PLAIN;

    @Column(nullable = false)
    private String kind = "";

    @Column(nullable = false)
    private String price = "";

    @Column(nullable = false)
    private String pack = "";

    @Column(nullable = false)
    private boolean guessed;

    @Version
    private int version;

    protected Cloth() {}

    /** @param pack the pack that it is a print of; empty for none */
    Cloth(UUID ownerId, String name, ClothFacts facts, String pack) {
        this.id = UUID.randomUUID();
        this.ownerId = ownerId;
        this.name = name;
        this.pack = pack;
        changeTo(facts);
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

    /** Everything that is said of it besides its name. */
    ClothFacts facts() {
        return new ClothFacts(colour, lightness, directional, kind, price, guessed, print);
    }

    String pack() {
        return pack;
    }

    final void changeTo(ClothFacts facts) {
        this.colour = facts.colour();
        this.lightness = facts.lightness();
        this.directional = facts.directional();
        this.kind = facts.kind();
        this.price = facts.price();
        this.guessed = facts.guessed();
        this.print = facts.print();
    }
}
