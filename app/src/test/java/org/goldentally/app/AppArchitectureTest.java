package org.goldentally.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** How the application hangs together: rooms without rings, doors that nobody leans on, data behind its own room. */
@AnalyzeClasses(packages = "org.goldentally.app", importOptions = ImportOption.DoNotIncludeTests.class)
class AppArchitectureTest {

    @ArchTest
    static final ArchRule packagesDoNotGoRoundInCircles =
            slices().matching("org.goldentally.app.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule controllersAreKnownToNobody =
            classes().that().areAnnotatedWith(RestController.class).should().notBePublic();

    @ArchTest
    static final ArchRule tablesAreReadInTheirOwnRoomOnly =
            classes().that().areAssignableTo(Repository.class).should().notBePublic();

    @ArchTest
    static final ArchRule whatABeanNeedsIsSaidInItsConstructor =
            noFields().should().beAnnotatedWith(Autowired.class);

    /** Lengths are compared exactly, in the rules; here decimals are for drawing only. */
    @ArchTest
    static final ArchRule onlyDrawingsKnowLengthsAsDecimals = noClasses()
            .that()
            .resideOutsideOfPackages(
                    "..drawing..",
                    "..cut..",
                    "..sew..",
                    "..top..",
                    "..print..",
                    "..blocks..",
                    "..yields..",
                    "..tally..")
            .should()
            .callMethod(org.goldentally.core.measure.Length.class, "toDoubleInches");
}
