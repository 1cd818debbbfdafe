/**
 * What a maker owns: card, film, foam, adhesives, fillings, sheets, tools, envelopes; together a
 * {@link dev.schachtel.core.material.Workshop}. Data only. Thickness in lengths, grammage in g/m2. Uses {@code measure}.
 */
@NullMarked
package dev.schachtel.core.material;

import org.jspecify.annotations.NullMarked;
