<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use BackedEnum;
use stdClass;

/**
 * Turns decoded JSON (objects as `stdClass`) into an input value, or complains about every field at once.
 *
 * Unknown fields are refused: a misspelt optional field must not be lost silently.
 */
final class Reader
{
    /**
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T
     *
     * @throws InvalidInput
     */
    public static function read(string $class, mixed $json): object
    {
        if (! $json instanceof stdClass) {
            throw InvalidInput::because('', 'give one JSON object, such as '.self::sketch($class));
        }
        $given = get_object_vars($json);
        $shape = Shape::of($class);
        $errors = self::unknownFields($shape, $given);
        $values = [];
        foreach ($shape->slots as $slot) {
            try {
                $values[$slot->name] = self::slot($slot, $given);
            } catch (InvalidInput $wrong) {
                $errors = [...$errors, ...$wrong->errors];
            }
        }
        if ($errors !== []) {
            throw new InvalidInput($errors);
        }

        return new $class(...$values);
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return list<FieldError>
     */
    private static function unknownFields(Shape $shape, array $given): array
    {
        $known = array_column($shape->slots, 'name');
        $errors = [];
        foreach (array_diff(array_map(strval(...), array_keys($given)), $known) as $stray) {
            $errors[] = new FieldError($stray, 'is not a field here; known are '.implode(', ', $known));
        }

        return $errors;
    }

    /** @param  array<array-key, mixed>  $given */
    private static function slot(Slot $slot, array $given): mixed
    {
        if (! array_key_exists($slot->name, $given) || ($given[$slot->name] === null && $slot->optional)) {
            return $slot->optional
                ? $slot->default
                : throw InvalidInput::because($slot->name, 'is missing: '.$slot->field->says);
        }
        try {
            return self::value($slot, $given[$slot->name]);
        } catch (InvalidInput $wrong) {
            throw new InvalidInput(
                array_map(static fn (FieldError $error): FieldError => $error->under($slot->name), $wrong->errors),
            );
        }
    }

    private static function value(Slot $slot, mixed $raw): mixed
    {
        return match (true) {
            $slot->type === 'float' => self::number($slot->field, $raw),
            $slot->type === 'int' => self::whole($slot->field, $raw),
            $slot->type === 'string' => self::text($slot->field, $raw),
            $slot->type === 'bool' => is_bool($raw) ? $raw : throw InvalidInput::because('', 'must be true or false'),
            $slot->type === 'array' => $slot->field->keyed
                ? self::map($slot->field, $raw)
                : self::list($slot->field, $raw),
            enum_exists($slot->type) => self::choice($slot->type, $raw),
            class_exists($slot->type) => self::read($slot->type, $raw),
            default => throw InvalidInput::because('', "has a type nobody can read ({$slot->type})"),
        };
    }

    private static function number(Field $field, mixed $raw): float
    {
        if (! is_int($raw) && ! is_float($raw)) {
            throw InvalidInput::because('', 'must be a number');
        }
        $number = (float) $raw;
        if (! is_finite($number)) {
            throw InvalidInput::because('', 'must be a finite number');
        }
        $complaint = $field->complaintAbout($number);

        return $complaint === null ? $number : throw InvalidInput::because('', $complaint);
    }

    private static function whole(Field $field, mixed $raw): int
    {
        $number = self::number($field, $raw);

        return floor($number) === $number && abs($number) < 2 ** 53
            ? (int) $number
            : throw InvalidInput::because('', 'must be a whole number');
    }

    private static function text(Field $field, mixed $raw): string
    {
        if (! is_string($raw) && ! is_int($raw) && ! is_float($raw)) {
            throw InvalidInput::because('', 'must be text');
        }
        $text = trim((string) $raw);

        return match (true) {
            $text === '' => throw InvalidInput::because('', 'must not be empty'),
            $field->among !== [] && ! in_array($text, $field->among, true) => throw InvalidInput::because(
                '',
                'must be one of: '.implode(', ', $field->among),
            ),
            default => $text,
        };
    }

    /** @return list<mixed> */
    private static function list(Field $field, mixed $raw): array
    {
        if (! is_array($raw)) {
            throw InvalidInput::because('', 'must be a list');
        }
        if (count($raw) < $field->minItems) {
            throw InvalidInput::because(
                '',
                "must have at least {$field->minItems} ".($field->minItems === 1 ? 'entry' : 'entries'),
            );
        }
        if ($field->maxItems !== null && count($raw) > $field->maxItems) {
            throw InvalidInput::because('', "must have at most {$field->maxItems} entries");
        }
        $errors = $values = [];
        foreach (array_values($raw) as $index => $entry) {
            try {
                $values[] = self::entry($field, $entry);
            } catch (InvalidInput $wrong) {
                foreach ($wrong->errors as $error) {
                    $errors[] = $error->under("[$index]");
                }
            }
        }

        return $errors === [] ? $values : throw new InvalidInput($errors);
    }

    /** @return array<array-key, mixed> */
    private static function map(Field $field, mixed $raw): array
    {
        if (! $raw instanceof stdClass) {
            throw InvalidInput::because('', 'must be an object of names and values');
        }
        $values = [];
        foreach (get_object_vars($raw) as $name => $entry) {
            try {
                $values[$name] = self::entry($field, $entry);
            } catch (InvalidInput $wrong) {
                throw new InvalidInput(
                    array_map(
                        static fn (FieldError $error): FieldError => $error->under((string) $name),
                        $wrong->errors,
                    ),
                );
            }
        }

        return $values;
    }

    private static function entry(Field $field, mixed $raw): mixed
    {
        return match (true) {
            $field->of === 'number' => self::number($field, $raw),
            $field->of === 'integer' => self::whole($field, $raw),
            $field->of === 'string' => self::text($field, $raw),
            $field->of !== null && class_exists($field->of) => self::read($field->of, $raw),
            default => throw InvalidInput::because('', 'has entries nobody can read'),
        };
    }

    /** @param  class-string  $enum */
    private static function choice(string $enum, mixed $raw): BackedEnum
    {
        assert(is_subclass_of($enum, BackedEnum::class));
        $choice = is_string($raw) ? $enum::tryFrom($raw) : null;
        $names = implode(', ', array_column($enum::cases(), 'value'));

        return $choice ?? throw InvalidInput::because('', "must be one of: $names");
    }

    /** @param  class-string  $class */
    private static function sketch(string $class): string
    {
        $required = array_filter(Shape::of($class)->slots, static fn (Slot $slot): bool => ! $slot->optional);

        return '{'.implode(', ', array_map(static fn (Slot $slot): string => "\"{$slot->name}\": …", $required)).'}';
    }
}
