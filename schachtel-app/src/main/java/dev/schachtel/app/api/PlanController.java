package dev.schachtel.app.api;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.PlanJson;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;

/** Plans a card file without storing anything. */
@RestController
public class PlanController {
    private static final int LARGEST = 10 * 1024 * 1024;
    private final Plans plans;
    private final Workshops workshops;

    PlanController(Plans plans, Workshops workshops) {
        this.plans = plans;
        this.workshops = workshops;
    }

    /** Where a card file is wrong, and why. */
    public record Refusal(String path, String reason) {}

    @Operation(
            summary = "Plan a card",
            description = "Takes a card file (schema at /schema/card.json, 10 MB at most) and answers everything that "
                    + "follows from it. Lengths are millimetres as decimal texts, times seconds.")
    @ApiResponse(responseCode = "200", description = "The plan: parts, sizes, motions, findings, cutting, steps")
    @ApiResponse(responseCode = "422", description = "The card file can't be taken: path and reason")
    @PostMapping(
            value = "/api/plan",
            consumes = MediaType.APPLICATION_JSON_VALUE,
            produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> plan(HttpServletRequest request) throws IOException {
        Plan plan = plans.affordable(CardFile.read(body(request), workshops.now()));
        return ResponseEntity.ok(
                PlanJson.write(plan.build(), plan.movements(), plan.findings(), plan.cutting(), plan.assembly()));
    }

    private static String body(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            byte[] bytes = in.readNBytes(LARGEST + 1);
            if (bytes.length > LARGEST) {
                throw new RefusedException("$", "is larger than 10 MB");
            }
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new RefusedException("$", "is not UTF-8 text");
        }
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    Refusal refused(RefusedException e) {
        return new Refusal(e.path(), e.reason());
    }
}
