package dev.schachtel.app.api;

import java.io.IOException;
import java.io.InputStream;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

import dev.schachtel.app.frame.Uploaded;
import dev.schachtel.app.planning.Plans;
import dev.schachtel.app.workshop.Workshops;
import dev.schachtel.core.files.CardFile;
import dev.schachtel.core.files.PlanJson;
import dev.schachtel.core.model.RefusedException;
import dev.schachtel.core.plan.Plan;

import io.swagger.v3.oas.annotations.OpenAPIDefinition;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.info.Info;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.servers.Server;
import jakarta.servlet.http.HttpServletRequest;

/** Plans a card file without storing anything. */
@RestController
@OpenAPIDefinition(
        servers = @Server(url = "/", description = "This machine"),
        info =
                @Info(
                        title = "Schachtel",
                        version = "1",
                        description = "Plans layered paper cards. Served to this machine only."))
public class PlanController {
    private static final int LARGEST = 10 * 1024 * 1024;
    private final Plans plans;
    private final Workshops workshops;

    PlanController(Plans plans, Workshops workshops) {
        this.plans = plans;
        this.workshops = workshops;
    }

    /** Where a card file is wrong, and why. */
    @Schema(description = "Where a card file is wrong, and why")
    public record Refusal(
            @Schema(description = "As in $.features[0].overlap", example = "$.base.width") String path,
            @Schema(description = "One sentence in English") String reason) {}

    @Operation(
            operationId = "plan",
            summary = "Plan a card",
            description = "Takes a card file, 10 MB at most, and answers everything that follows from it; nothing is"
                    + " stored. Lengths are millimetres as decimal texts, times seconds.",
            requestBody =
                    @RequestBody(
                            required = true,
                            description = "A card file",
                            content =
                                    @Content(
                                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                                            schema = @Schema(ref = "/schema/card.json"))))
    @ApiResponse(
            responseCode = "200",
            description = "The plan",
            content =
                    @Content(mediaType = MediaType.APPLICATION_JSON_VALUE, schema = @Schema(ref = "/schema/plan.json")))
    @ApiResponse(responseCode = "415", description = "The request's body is not JSON", content = @Content)
    @ApiResponse(
            responseCode = "403",
            description = "The request comes from another site's page",
            content = @Content(mediaType = MediaType.TEXT_PLAIN_VALUE, schema = @Schema(type = "string")))
    @ApiResponse(
            responseCode = "421",
            description = "The request names another host than this machine",
            content = @Content(mediaType = MediaType.TEXT_PLAIN_VALUE, schema = @Schema(type = "string")))
    @ApiResponse(
            responseCode = "422",
            description = "The card file can't be taken, or takes too long to plan",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = Refusal.class)))
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
            return Uploaded.text(bytes, "$");
        }
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    Refusal refused(RefusedException e) {
        return new Refusal(e.path(), e.reason());
    }
}
