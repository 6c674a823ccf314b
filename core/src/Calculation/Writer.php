<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use BackedEnum;
use stdClass;
use WeakMap;

/**
 * Turns a result value into plain arrays for JSON.
 *
 * A field with a default is left out while it is null; a nullable field without one is written as null.
 * A number that overflowed never leaves: it becomes an {@see InvalidInput}.
 */
final class Writer
{
    /** @var WeakMap<object, array<string, mixed>>|null */
    private static ?WeakMap $written = null;

    /** @return array<string, mixed> */
    public static function write(object $result): array
    {
        $values = get_object_vars($result);
        $fields = [];
        foreach (Shape::of($result::class)->slots as $slot) {
            $value = $values[$slot->name];
            if ($value !== null || ! $slot->optional) {
                // An empty list would be written [] where {} is meant.
                $fields[$slot->name] = $slot->field->keyed && $value === [] ? new stdClass() : self::value($value);
            }
        }

        return $fields;
    }

    private static function value(mixed $value): mixed
    {
        // In the order of how often it is: some answers are of a hundred thousand values.
        if (is_float($value)) {
            return self::number($value);
        }
        if (is_array($value)) {
            foreach ($value as $key => $one) {
                $value[$key] = self::value($one);
            }

            return $value;
        }
        if ($value instanceof BackedEnum) {
            return $value->value;
        }

        if ($value instanceof OrNull) {
            return $value->value === null ? null : self::number($value->value);
        }

        return is_object($value) ? self::once($value) : $value;
    }

    /**
     * Values never change, and some answers hold one of them hundreds of times over.
     *
     * @return array<string, mixed>
     */
    private static function once(object $value): array
    {
        self::$written ??= new WeakMap();

        return self::$written[$value] ??= self::write($value);
    }

    private static function number(float $value): float
    {
        // Adding zero turns -0.0, which JSON would print with its sign, into 0.0.
        return is_finite($value) ? $value + 0.0 : throw InvalidInput::tooLarge();
    }
}
