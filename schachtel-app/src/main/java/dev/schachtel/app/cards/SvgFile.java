package dev.schachtel.app.cards;

/** A drawing as a file of its own, which no style sheet reaches: lines say themselves how they look. */
final class SvgFile {
    private SvgFile() {}

    static String of(String drawing) {
        return drawing.replaceFirst("<svg ", "<svg xmlns=\"http://www.w3.org/2000/svg\" ")
                .replace(
                        "class=\"l-edge",
                        "stroke=\"#0f3a44\" stroke-width=\"1.1\" stroke-linejoin=\"round\" class=\"l-edge");
    }
}
