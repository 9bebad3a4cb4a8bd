package org.kestan.job.pictures;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.kestan.base.finding.Quantity;
import org.kestan.base.sheet.ValueType;
import org.kestan.job.section.ListSection;
import org.kestan.job.section.SchemaDraft;
import org.kestan.job.section.Section;
import org.kestan.job.tree.Tree;
import org.kestan.job.tree.TreeCursor;
import org.kestan.job.tree.TreeFinding;
import org.kestan.job.tree.UnknownKeys;

/** Pictures kept with the job. */
public final class PicturesSection extends Section<List<Photo>> {

    private static final String PATH = "photos";

    /** No folder, no hidden name, no invalid character. */
    private static final Pattern NAME = Pattern.compile("(?!\\.)[^/\\\\:\\p{Cntrl}]{0,200}");

    /** Names the section. */
    public PicturesSection() {
        super("photos", List.of());
    }

    @Override
    public List<Photo> read(TreeCursor root) {
        List<Photo> photos = new ArrayList<>();
        for (TreeCursor at : root.at(PATH).elements()) {
            at.expectObject();
            Photo photo = new Photo(file(at.at("file")), at.at("caption").text().orElse(""));
            photos.add(new Photo(photo.file(), photo.caption(), UnknownKeys.in(at.entries(), entries(photo))));
        }
        return List.copyOf(photos);
    }

    @Override
    public Optional<List<Photo>> merged(List<Photo> base, List<Photo> mine, List<Photo> theirs) {
        return ListSection.mergedEntries(base, mine, theirs, (one, other) -> false);
    }

    /** The name of a file in the folder of pictures, never elsewhere. */
    private static String file(TreeCursor at) {
        Optional<String> name = at.text();
        if (name.filter(each -> !NAME.matcher(each).matches()).isPresent()) {
            at.fault(TreeFinding.NO_FILE_NAME.of(Quantity.text(at.shownText())), TreeFinding.A_FILE_NAME.of());
            return "";
        }
        return name.orElse("");
    }

    @Override
    public void write(List<Photo> photos, Tree.Draft root) {
        items(root, PATH, photos.stream().map(each -> each.foreign().under(entries(each))));
    }

    private static Tree.Entries entries(Photo photo) {
        Tree.Draft draft = new Tree.Draft();
        if (!photo.file().isEmpty()) {
            draft.put("file", Tree.text(photo.file()));
        }
        if (!photo.caption().isEmpty()) {
            draft.put("caption", Tree.text(photo.caption()));
        }
        return draft.entries();
    }

    @Override
    public void schema(SchemaDraft root) {
        root.put(
                PATH,
                SchemaDraft.list(SchemaDraft.object("file")
                        .put("file", SchemaDraft.of(ValueType.TEXT))
                        .put("caption", SchemaDraft.of(ValueType.TEXT))
                        .entries()));
    }
}
