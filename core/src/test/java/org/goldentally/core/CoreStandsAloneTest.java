package org.goldentally.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.Set;
import org.goldentally.core.measure.Length;
import org.goldentally.core.solver.Programs;
import org.ojalgo.optimisation.ExpressionsBasedModel;

/** The rules of the trade need no framework, and their packages do not go round in circles. */
@AnalyzeClasses(packages = "org.goldentally.core", importOptions = ImportOption.DoNotIncludeTests.class)
class CoreStandsAloneTest {

    @ArchTest
    static final ArchRule coreUsesNothingButTheJdkExactFractionsAndOneSolver = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "org.goldentally.core..",
                    "java..",
                    "org.apache.commons.numbers.fraction..",
                    "org.ojalgo..",
                    "org.jspecify..");

    @ArchTest
    static final ArchRule onlyFourClassesKnowTheSolver = noClasses()
            .that()
            .haveNameNotMatching(".*\\.(Programs|PiecePlanner|LayoutColumns|LeastBought)")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.ojalgo..");

    /** Two threads that set the solver up at once might wait for each other for ever: {@link Programs} sees to that. */
    @ArchTest
    static final ArchRule programsAreBegunInOnePlace =
            noClasses().that().doNotBelongToAnyOf(Programs.class).should().callConstructor(ExpressionsBasedModel.class);

    @ArchTest
    static final ArchRule packagesDoNotGoRoundInCircles =
            slices().matching("org.goldentally.core.(**)").should().beFreeOfCycles();

    /** Measures are compared exactly; decimals of them are for drawing, for writing and for weights of preferences. */
    @ArchTest
    static final ArchRule measuresAreDecimalsInAFewPlacesOnly = noClasses()
            .that()
            .resideOutsideOfPackage("org.goldentally.core.measure")
            .and()
            .doNotHaveSimpleName("FirstUnit")
            .and()
            .doNotHaveSimpleName("PressingMap")
            .and()
            .haveNameNotMatching(".*Nesting.*")
            .and()
            .doNotHaveSimpleName("Layout")
            .and()
            .doNotHaveSimpleName("Purchase")
            .and()
            .doNotHaveSimpleName("PlanCosts")
            .and()
            .doNotHaveSimpleName("PiecingTime")
            .should()
            .callMethod(Length.class, "toDoubleInches");

    /** A key that held a word would be lost when the word is said better. */
    @ArchTest
    static final ArchRule keysAreNotMadeOfWords = methods()
            .that()
            .haveNameMatching("key|text|choice|kindChoice|codeOf")
            .and()
            .areDeclaredInClassesThat()
            .haveNameMatching(".*\\.(UnitKeys|UnitsKey|GroupKey|BatchKey|Use|SheetSteps)")
            .should(callNothingThatSpeaks());

    private static ArchCondition<JavaMethod> callNothingThatSpeaks() {
        Set<String> words = Set.of("name", "label", "toString", "write", "writeWithUnit", "words", "describe");
        return new ArchCondition<>("not say what they are keys of") {
            @Override
            public void check(JavaMethod method, ConditionEvents events) {
                method.getMethodCallsFromSelf().stream()
                        .filter(call -> words.contains(call.getTarget().getName()))
                        // Of a switch over records, for what cannot happen.
                        .filter(call -> !call.getTargetOwner().isEquivalentTo(Throwable.class))
                        .forEach(call -> events.add(SimpleConditionEvent.violated(method, call.getDescription())));
            }
        };
    }
}
