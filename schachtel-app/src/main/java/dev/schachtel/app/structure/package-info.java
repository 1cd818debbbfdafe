/** The Structure station: stack, drawing, parameters, why these sizes, findings. Entry type: {@link dev.schachtel.app.structure.StructureController}. */
@NullMarked
package dev.schachtel.app.structure;

import org.jspecify.annotations.NullMarked;
