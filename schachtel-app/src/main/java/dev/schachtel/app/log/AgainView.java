package dev.schachtel.app.log;

import java.util.List;

/**
 * What making a build again shows. Texts that end in Html are safe.
 *
 * @param rows what is compared, as it was built and as it is wanted
 * @param parts that get another size or paper, or come or go
 * @param mendsHtml what would have to be mended
 */
record AgainView(
        long build,
        String card,
        String cards,
        List<Choice> formats,
        List<Choice> from,
        List<Choice> to,
        List<Row> rows,
        List<String> parts,
        List<String> mendsHtml) {
    /** Something to choose. */
    record Choice(String value, String label, boolean selected) {}

    /** One figure, before and after. */
    record Row(String label, String was, String is, boolean changed) {}
}
