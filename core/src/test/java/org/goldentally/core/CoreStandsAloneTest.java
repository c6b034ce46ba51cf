package org.goldentally.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The rules of the trade need no framework, and their packages do not go round in circles. */
@AnalyzeClasses(packages = "org.goldentally.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreStandsAloneTest {

    @ArchTest
    static final ArchRule coreUsesNothingButTheJdkAndExactFractions = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "org.goldentally.core..", "java..", "org.apache.commons.numbers.fraction..", "org.jspecify..");

    @ArchTest
    static final ArchRule packagesDoNotGoRoundInCircles =
            slices().matching("org.goldentally.core.(*)").should().beFreeOfCycles();
}
