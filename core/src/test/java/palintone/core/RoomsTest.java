package palintone.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Who may call whom inside the core, as ARCHITECTURE.md draws it. */
@AnalyzeClasses(packages = "palintone.core", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

    @ArchTest
    static final ArchRule noCycles =
            slices().matching("palintone.core.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule directions =
            layeredArchitecture()
                    .consideringOnlyDependenciesInLayers()
                    .layer("figure")
                    .definedBy("palintone.core.figure..")
                    .layer("substance")
                    .definedBy("palintone.core.substance..")
                    .layer("fat")
                    .definedBy("palintone.core.fat..")
                    .layer("heat")
                    .definedBy("palintone.core.heat..")
                    .layer("temper")
                    .definedBy("palintone.core.temper..")
                    .layer("filling")
                    .definedBy("palintone.core.filling..")
                    .layer("process")
                    .definedBy("palintone.core.process..")
                    .layer("mould")
                    .definedBy("palintone.core.mould..")
                    .layer("casting")
                    .definedBy("palintone.core.casting..")
                    .layer("coat")
                    .definedBy("palintone.core.coat..")
                    .layer("piece")
                    .definedBy("palintone.core.piece..")
                    .layer("taste")
                    .definedBy("palintone.core.taste..")
                    .layer("tool")
                    .definedBy("palintone.core.tool..")
                    .layer("work")
                    .definedBy("palintone.core.work..")
                    .layer("plan")
                    .definedBy("palintone.core.plan..")
                    .whereLayer("plan")
                    .mayNotBeAccessedByAnyLayer()
                    .whereLayer("work")
                    .mayOnlyBeAccessedByLayers("plan")
                    .whereLayer("tool")
                    .mayNotBeAccessedByAnyLayer()
                    .whereLayer("taste")
                    .mayOnlyBeAccessedByLayers("piece")
                    .whereLayer("piece")
                    .mayOnlyBeAccessedByLayers("work")
                    .whereLayer("coat")
                    .mayOnlyBeAccessedByLayers("piece", "work")
                    .whereLayer("casting")
                    .mayOnlyBeAccessedByLayers("coat", "piece", "work")
                    .whereLayer("process")
                    .mayOnlyBeAccessedByLayers("temper", "filling", "piece", "work", "plan")
                    .whereLayer("mould")
                    .mayOnlyBeAccessedByLayers("casting", "piece", "work")
                    .whereLayer("filling")
                    .mayOnlyBeAccessedByLayers("coat", "piece", "work")
                    .whereLayer("temper")
                    .mayOnlyBeAccessedByLayers("casting", "coat", "piece", "taste", "work")
                    .whereLayer("heat")
                    .mayOnlyBeAccessedByLayers(
                            "temper", "filling", "casting", "coat", "piece", "work")
                    .whereLayer("fat")
                    .mayOnlyBeAccessedByLayers(
                            "heat", "temper", "filling", "casting", "coat", "piece", "work")
                    .whereLayer("substance")
                    .mayOnlyBeAccessedByLayers(
                            "fat", "heat", "temper", "filling", "mould", "casting", "coat", "piece",
                            "work");

    @ArchTest
    static final ArchRule plainJava =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "org.springframework..",
                            "jakarta..",
                            "javax.persistence..",
                            "java.net..",
                            "java.sql..",
                            "com.fasterxml..",
                            "tools.jackson..");
}
