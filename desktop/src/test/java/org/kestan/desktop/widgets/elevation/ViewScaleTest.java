package org.kestan.desktop.widgets.elevation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.kestan.base.sheet.Side;
import org.kestan.base.standards.ShopStandards;
import org.kestan.files.demo.DemoJobs;
import org.kestan.files.job.JobFile;
import org.kestan.overview.JobAnalysis;
import org.kestan.repair.sideview.SideProfile;
import org.kestan.repair.sideview.SideView;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Millimeters to pixels and back, for every sample in every size of drawing. */
public class ViewScaleTest {

    private static final double BELOW = 30;

    @DataProvider
    public Object[][] views() {
        return views(DemoJobs.NAMES).map(view -> new Object[] {view}).toArray(Object[][]::new);
    }

    private static Stream<SideView> views(List<String> names) {
        return names.stream().flatMap(name -> {
            try {
                Path folder = Files.createTempDirectory("kestan-view-");
                try {
                    DemoJobs.copyInto(folder);
                    JobAnalysis analysis = JobAnalysis.of(
                            JobFile.read(folder.resolve(name)).job().orElseThrow(), ShopStandards.DEFAULT);
                    return analysis.sideView().stream();
                } finally {
                    try (Stream<Path> files = Files.walk(folder)) {
                        for (Path file : files.sorted(java.util.Comparator.reverseOrder())
                                .toList()) {
                            Files.delete(file);
                        }
                    }
                }
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        });
    }

    @Test(dataProvider = "views")
    public void pixelsLeadBackToMillimeters(SideView view) {
        ViewScale scale = ViewScale.fit(view, List.of(), 1200, 320, BELOW, 0);
        for (double position = 0; position <= view.end().position(); position += 17.3) {
            assertThat(scale.positionAt(scale.x(position))).isCloseTo(position, within(1e-9));
        }
        for (double height = -5; height < 40; height += 1.9) {
            assertThat(scale.heightAt(scale.y(height))).isCloseTo(height, within(1e-9));
        }
        assertThat(scale.y(0)).isEqualTo(scale.depth(0)).isEqualTo(scale.baseline());
    }

    @Test(dataProvider = "views")
    public void theWholeInstrumentLiesWithinTheDrawing(SideView view) {
        for (double width : new double[] {500, 900, 1240, 1880}) {
            for (double height : new double[] {180, 260, 420}) {
                ViewScale scale = ViewScale.fit(view, List.of(), width, height, BELOW, 0);
                String at = width + " by " + height;
                assertThat(scale.x(0)).as(at).isGreaterThanOrEqualTo(ViewScale.SIDE_MARGIN);
                assertThat(scale.x(view.end().position())).as(at).isLessThanOrEqualTo(width - ViewScale.SIDE_MARGIN);
                for (SideProfile profile : Stream.concat(view.measured().stream(), view.outcome().profile().stream())
                        .toList()) {
                    for (Side side : Side.values()) {
                        assertThat(scale.y(profile.stringAt(side, 0))).as(at).isGreaterThan(0);
                        assertThat(scale.y(profile.stringAt(side, view.saddle())))
                                .as(at)
                                .isGreaterThan(0);
                    }
                }
                assertThat(scale.depth(view.heelHeight().orElse(0))).as(at).isLessThanOrEqualTo(height);
            }
        }
    }

    @Test(dataProvider = "views")
    public void heightsAreNeverExaggeratedMoreThanAsked(SideView view) {
        ViewScale free = ViewScale.fit(view, List.of(), 1240, 420, BELOW, 0);
        for (double asked : ElevationView.FACTORS) {
            ViewScale scale = ViewScale.fit(view, List.of(), 1240, 420, BELOW, asked);
            assertThat(scale.heightFactor()).isLessThanOrEqualTo(Math.min(asked, free.heightFactor()) + 1e-9);
            assertThat(scale.heelFactor()).isBetween(0.05, 1.0);
        }
    }

    @Test(dataProvider = "views")
    public void moreSpaceIsNeverDrawnSmaller(SideView view) {
        double before = 0;
        for (double height = 160; height < 600; height += 20) {
            double factor =
                    ViewScale.fit(view, List.of(), 1240, height, BELOW, 0).heightFactor();
            assertThat(factor).as(height + " high").isGreaterThanOrEqualTo(before - 1e-9);
            before = factor;
        }
    }
}
