package palintone.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import org.springframework.data.repository.Repository;

/** Who may call whom inside the server, as ARCHITECTURE.md says it. */
@AnalyzeClasses(packages = "palintone.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerRoomsTest {

    @ArchTest
    static final ArchRule noRoomLeansOnOneThatLeansOnIt =
            slices().matching("palintone.server.(*)..").should().beFreeOfCycles();

    /** What HTTP asks of everybody knows nobody's trade. */
    @ArchTest
    static final ArchRule webAndProblemKnowNoStation =
            noClasses()
                    .that()
                    .resideInAnyPackage("palintone.server.web..", "palintone.server.problem..")
                    .should()
                    .dependOnClassesThat(
                            DescribedPredicate.describe(
                                    "are of a station",
                                    type ->
                                            type.getPackageName().startsWith("palintone.server.")
                                                    && !type.getPackageName()
                                                            .matches(
                                                                    "palintone.server.(web|problem)")));

    /** Whoever wants to know something of another room asks its service, not its tables. */
    @ArchTest
    static final ArchRule booksAreOpenedInTheirOwnRoom =
            classes().that(assignableTo(Repository.class)).should(beUsedInTheirOwnRoomOnly());

    private static ArchCondition<JavaClass> beUsedInTheirOwnRoomOnly() {
        return new ArchCondition<>("be used in their own room only") {
            @Override
            public void check(final JavaClass books, final ConditionEvents events) {
                books.getDirectDependenciesToSelf().stream()
                        .filter(
                                use ->
                                        !use.getOriginClass()
                                                .getPackageName()
                                                .equals(books.getPackageName()))
                        // Made at build, by the framework.
                        .filter(use -> !use.getOriginClass().getName().matches(".*(__|\\$\\$).*"))
                        .forEach(
                                use ->
                                        events.add(
                                                SimpleConditionEvent.violated(
                                                        use, use.getDescription())));
            }
        };
    }
}
