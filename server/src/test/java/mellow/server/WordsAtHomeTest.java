package mellow.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import mellow.core.finding.MessageKey;

/** What a room says is said in it and in the rooms within it, in the core as in the server. */
@AnalyzeClasses(
    packages = {"mellow.core", "mellow.server"},
    importOptions = ImportOption.DoNotIncludeTests.class)
class WordsAtHomeTest {
  @ArchTest
  static final ArchRule wordsOfARoomStayInIt =
      classes().that(holdMessages()).should(onlyBeSaidAtHome());

  /** Only what is generated from the catalogue has keys of messages among its fields. */
  private static DescribedPredicate<JavaClass> holdMessages() {
    return DescribedPredicate.describe(
        "hold messages",
        one ->
            one.getSimpleName().endsWith("Words")
                && one.getFields().stream()
                    .anyMatch(field -> field.getRawType().isEquivalentTo(MessageKey.class)));
  }

  private static ArchCondition<JavaClass> onlyBeSaidAtHome() {
    return new ArchCondition<>("only be used in their own package and those within it") {
      @Override
      public void check(JavaClass words, ConditionEvents events) {
        for (Dependency use : words.getDirectDependenciesToSelf()) {
          String user = use.getOriginClass().getPackageName() + ".";
          if (!user.startsWith(words.getPackageName() + ".")) {
            events.add(SimpleConditionEvent.violated(use, use.getDescription()));
          }
        }
      }
    };
  }
}
