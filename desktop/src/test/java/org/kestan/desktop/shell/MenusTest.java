package org.kestan.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import org.kestan.desktop.WindowTest;
import org.kestan.desktop.room.Shortcut;
import org.kestan.text.BenchUnit;
import org.testng.annotations.Test;

/** The menus: every command says what it does, has an action, and no key or letter has two meanings. */
public class MenusTest extends WindowTest {

    private List<MenuItem> items() {
        return onWindow(() -> {
            List<MenuItem> items = new ArrayList<>();
            find("menu", MenuBar.class).getMenus().forEach(menu -> collect(menu, items));
            return items;
        });
    }

    private static void collect(Menu menu, List<MenuItem> into) {
        for (MenuItem item : menu.getItems()) {
            if (item instanceof Menu inner) {
                collect(inner, into);
            } else if (!(item instanceof SeparatorMenuItem)) {
                into.add(item);
            }
        }
    }

    @Test
    public void everyCommandDoesSomethingAndNoKeyDoesTwoThings() {
        Map<KeyCombination, String> keys = new HashMap<>();
        assertThat(items()).hasSizeGreaterThan(35);
        for (MenuItem item : items()) {
            assertThat(item.getText()).isNotBlank();
            assertThat(item.getOnAction() != null || item instanceof CheckMenuItem || item.isDisable())
                    .as(item.getText())
                    .isTrue();
            if (item.getAccelerator() != null) {
                assertThat(keys.put(item.getAccelerator(), item.getText()))
                        .as(item.getText() + " has the key of another command")
                        .isNull();
            }
        }
    }

    /** Alt and a letter opens a menu: two with one letter would open only the first. */
    @Test
    public void noLetterOpensTwoMenus() {
        Set<String> letters = new HashSet<>();
        for (Menu menu : find("menu", MenuBar.class).getMenus()) {
            int mark = menu.getText().indexOf('_');
            assertThat(mark).as(menu.getText()).isNotNegative();
            assertThat(letters.add(menu.getText().substring(mark + 1, mark + 2).toLowerCase(Locale.ROOT)))
                    .as(menu.getText())
                    .isTrue();
        }
    }

    @Test
    public void helpListsTheKeysTheMenusHave() {
        List<Shortcut> shortcuts = onWindow(() -> Menus.shortcuts(find("menu", MenuBar.class)));
        assertThat(shortcuts).hasSizeGreaterThan(30).allSatisfy(each -> {
            assertThat(each.text()).isNotBlank().doesNotContain("\u2026");
            assertThat(each.keys()).isNotBlank();
            assertThat(each.menu()).doesNotContain("_");
        });
        assertThat(shortcuts).extracting(Shortcut::keys).doesNotHaveDuplicates();
    }

    @Test
    public void undoIsOfferedOnlyWhereThereIsSomethingToUndo() {
        openSample(0);
        MenuItem undo = byKey("Shortcut+Z");
        MenuItem redo = byKey("Shortcut+Shift+Z");
        assertThat(undo.isDisable()).isTrue();
        type("survey-action-bass", "3 mm");
        assertThat(undo.isDisable()).isFalse();
        assertThat(redo.isDisable()).isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
        assertThat(undo.isDisable()).isTrue();
        assertThat(redo.isDisable()).isFalse();
        keys(KeyCode.CONTROL, KeyCode.Y);
        assertThat(text("survey-action-bass")).isEqualTo("3 mm");
    }

    private MenuItem byKey(String key) {
        return items().stream()
                .filter(item -> KeyCombination.valueOf(key).equals(item.getAccelerator()))
                .findFirst()
                .orElseThrow();
    }

    /** A bare number is refused until the shop says what it means; from then on it means that, and nothing before. */
    @Test
    public void aBareNumberIsRefusedUntilItsUnitIsChosen() {
        openSample(0);
        String before = text("survey-action-bass");
        type("survey-action-bass", "3.1");
        assertThat(label("survey-action-bass-note")).containsIgnoringCase("unit");
        assertThat(session().job().text(org.kestan.base.sheet.Reading.ACTION_BASS))
                .isEqualTo(before);
        onWindow(() -> {
            items().stream()
                    .filter(item -> item.getText().endsWith("mm"))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return true;
        });
        type("survey-action-bass", "3.1");
        assertThat(session().job().text(org.kestan.base.sheet.Reading.ACTION_BASS))
                .isEqualTo("3.1 mm");
        type("survey-action-bass", "9/64 in");
        assertThat(session().job().text(org.kestan.base.sheet.Reading.ACTION_BASS))
                .isEqualTo("9/64 in");
    }

    @Test
    public void unitsGoRoundAndComeBack() {
        BenchUnit first = session().unit();
        Set<BenchUnit> seen = new HashSet<>();
        while (seen.add(session().unit())) {
            keys(KeyCode.F6);
        }
        assertThat(seen).containsExactlyInAnyOrder(BenchUnit.values());
        assertThat(session().unit()).isEqualTo(first);
    }
}
