package palintone.server.larder;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import palintone.core.substance.Allergen;

/**
 * Allergens in one column, by their names and in the order of the regulation. Null is: nobody has
 * said; empty is: none.
 */
@Converter
public class AllergenSet implements AttributeConverter<Set<Allergen>, String> {

    @Override
    public String convertToDatabaseColumn(final Set<Allergen> allergens) {
        return allergens == null
                ? null
                : allergens.stream().sorted().map(Enum::name).collect(Collectors.joining(","));
    }

    @Override
    public Set<Allergen> convertToEntityAttribute(final String column) {
        if (column == null) {
            return null;
        }
        return Arrays.stream(column.split(","))
                .filter(name -> !name.isBlank())
                .map(Allergen::valueOf)
                .collect(Collectors.toCollection(TreeSet::new));
    }
}
