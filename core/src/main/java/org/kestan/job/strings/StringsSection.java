package org.kestan.job.strings;

import java.util.ArrayList;
import java.util.List;
import org.kestan.base.sheet.ValueType;
import org.kestan.base.strings.Material;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.UnknownKeys;

/** A set of strings, from the bass side: the present one, or the one wanted. */
public final class StringsSection extends Section<List<StringSpec>> {

    private static final ValueType<Material> MATERIAL = ValueType.choice(Material.class);

    private final String path;

    /**
     * A set of strings.
     *
     * @param key name of the section
     * @param path where it lies in a job file
     */
    public StringsSection(String key, String path) {
        super(key, List.of());
        this.path = path;
    }

    @Override
    public List<StringSpec> read(TreeCursor root) {
        List<StringSpec> strings = new ArrayList<>();
        for (TreeCursor at : root.at(path).elements()) {
            at.expectObject();
            StringSpec string = new StringSpec(
                    at.at("gauge").value(ValueType.LENGTH),
                    at.at("wound").flag().orElse(false),
                    at.at("pitch").text().orElse(""),
                    at.at("material").value(MATERIAL),
                    at.at("course").value(StringSpec.COURSE),
                    UnknownKeys.NONE);
            strings.add(string.withForeign(UnknownKeys.in(at.entries(), entries(string))));
        }
        return List.copyOf(strings);
    }

    @Override
    public void write(List<StringSpec> strings, Tree.Draft root) {
        items(root, path, strings.stream().map(each -> each.foreign().under(entries(each))));
    }

    private static Tree.Entries entries(StringSpec string) {
        Tree.Draft draft = new Tree.Draft();
        string.gauge().ifPresent(gauge -> draft.put("gauge", Tree.text(gauge.text())));
        draft.put("wound", new Tree.Flag(string.wound()));
        if (!string.pitch().isEmpty()) {
            draft.put("pitch", Tree.text(string.pitch()));
        }
        string.material().ifPresent(material -> draft.put("material", Tree.text(material.key())));
        string.course().ifPresent(course -> draft.put("course", Tree.number(course)));
        return draft.entries();
    }

    @Override
    public void schema(SchemaDraft root) {
        root.put(
                path,
                SchemaDraft.list(SchemaDraft.object()
                        .put("gauge", SchemaDraft.of(ValueType.LENGTH))
                        .put("wound", SchemaDraft.of(ValueType.FLAG))
                        .put("pitch", SchemaDraft.of(ValueType.TEXT))
                        .put("material", SchemaDraft.of(MATERIAL))
                        .put("course", SchemaDraft.of(StringSpec.COURSE))
                        .entries()));
    }
}
