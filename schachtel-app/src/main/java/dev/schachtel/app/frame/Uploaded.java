package dev.schachtel.app.frame;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;

import dev.schachtel.core.model.RefusedException;

/** Text that comes from outside. */
public final class Uploaded {
    private Uploaded() {}

    /**
     * The text of a file.
     *
     * @param what it is called when it is refused
     * @throws RefusedException if it is saved in another way, by which letters would be lost
     */
    public static String text(byte[] file, String what) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new RefusedException(
                    what, "is not UTF-8 text, so that letters such as ä and é would be lost; save it as UTF-8");
        }
    }
}
