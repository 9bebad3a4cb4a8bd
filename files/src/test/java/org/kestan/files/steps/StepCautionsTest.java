package org.kestan.files.steps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.kestan.repair.steps.Step;
import org.kestan.repair.steps.StepBook;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Anything that can hurt someone has its caution at the step where it is done: common practice, no source. */
public class StepCautionsTest {

    private static final StepBook BOOK = StepLibrary.shipped().book();

    private static String words(String text) {
        return text.toLowerCase(Locale.ROOT);
    }

    /** What is done, by the words of the step, and what its cautions have to mention. */
    @DataProvider
    public Object[][] operations() {
        return new Object[][] {
            {"hot water", "\\b(steam|boiling|hot water|warm water)\\b", "scald|blade"},
            {"instant glue", "\\binstant glue\\b", "instant glue"},
            {
                "cutting and sanding",
                "\\b(sand|file|files|rout|router|ream|saw|drill|scrape|plane|level|crown)\\b",
                "dust"
            },
            {"lacquer", "\\bin thin coats\\b", "flame"},
            {"blades in the finish", "\\bscor(e|ed|ing)\\b", "blade|point"},
            {"old plastic", "\\b(celluloid|pickguard)\\b|flatten it between boards", "celluloid|burn"},
            {"heat", "\\b(heat|iron|mat|lamp|probe)\\b", "burn|scorch|flammable"},
            {"chisels", "\\b(chisel|finger plane)\\b", "hands behind|chisel"},
            {"warm knives", "\\b(warm|warmed|hot) (thin |palette )*knife\\b", "knife|blade|burn"},
            {"routers", "\\brout(er)?\\b", "router|hands on it"},
            {"drilling", "\\bdrill\\b", "bit|dust|backing"},
            {"strings that pull", "\\bslacken (all|everything)", "whip"},
        };
    }

    @Test(dataProvider = "operations")
    public void eachOperationCarriesItsCaution(String operation, String done, String said) {
        List<Step> steps = BOOK.files().stream()
                .flatMap(file -> file.steps().stream())
                .filter(step -> Pattern.compile(done)
                        .matcher(words(step.text().doing()))
                        .find())
                .toList();
        assertThat(steps).as(operation + " is done somewhere").isNotEmpty();
        for (Step step : steps) {
            assertThat(words(String.join(" ", step.text().cautions())))
                    .as(operation + " at " + step.id())
                    .containsPattern(said);
        }
    }

    /**
     * A caution appears only where it is needed: one about heat needs heat, one about dust something that makes dust.
     */
    @Test
    public void noCautionStandsWhereNothingCanHurt() {
        for (Step step :
                BOOK.files().stream().flatMap(file -> file.steps().stream()).toList()) {
            String done = words(step.text().title() + " " + step.text().doing() + " "
                    + step.text().why() + " " + step.text().failing());
            for (String caution : step.text().cautions()) {
                if (words(caution).contains("dust of dense")) {
                    assertThat(done)
                            .as("dust at " + step.id())
                            .containsPattern(
                                    "sand|fil|rout|ream|saw|drill|scrap|plan|level|crown|slot|shim|trim|polish|paper|cut"
                                            + "|wedge|thickness|shap|made|make|line|saddle|chisel|face|touch|shav|disc|glue");
                }
                if (words(caution).contains("steam")) {
                    assertThat(done).as("steam at " + step.id()).containsPattern("steam|heat|water");
                }
            }
        }
    }
}
