package dev.schachtel.app.frame;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.util.UriUtils;

/** A file to take away. Its name is given in plain letters for every program, and as it is for those that know more. */
public final class Download {
    private Download() {}

    public static ResponseEntity<byte[]> of(String name, MediaType type, byte[] content) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition(name))
                .body(content);
    }

    public static ResponseEntity<byte[]> of(String name, MediaType type, String text) {
        return of(name, type, text.getBytes(StandardCharsets.UTF_8));
    }

    /** RFC 6266 with the extended name of RFC 5987. */
    private static String disposition(String name) {
        String whole = name.replaceAll("[\\p{Cntrl}/\\\\]", " ").strip();
        String plain = Normalizer.normalize(whole.replace('ł', 'l').replace('Ł', 'L'), Normalizer.Form.NFKD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^A-Za-z0-9.]+", "-")
                .replaceAll("^-+|-+(?=\\.[a-z]+$)", "");
        String ascii = plain.startsWith(".") ? "card" + plain : plain;
        return "attachment; filename=\"" + ascii + "\"; filename*=UTF-8''"
                + UriUtils.encode(whole, StandardCharsets.UTF_8);
    }
}
