<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use BackedEnum;

/** Writes the JSON Schema (draft 2020-12) of an input or a result from its constructor. */
final class SchemaWriter
{
    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    public static function object(string $class): array
    {
        $properties = $required = [];
        foreach (Shape::of($class)->slots as $slot) {
            $properties[$slot->name] = self::slot($slot);
            if (! $slot->optional) {
                $required[] = $slot->name;
            }
        }

        return array_filter(
            [
                'type' => 'object',
                'properties' => $properties,
                'required' => $required,
                'additionalProperties' => false,
            ],
            static fn (mixed $part): bool => $part !== [],
        );
    }

    /** @return array<string, mixed> */
    private static function slot(Slot $slot): array
    {
        $schema = ['description' => $slot->field->says, ...self::type($slot)];
        if ($slot->nullable && ! $slot->optional) {
            $schema['type'] = [$schema['type'], 'null'];
        }
        if ($slot->optional && $slot->default !== null && ! $slot->field->keyed) {
            $schema['default'] = $slot->default instanceof BackedEnum ? $slot->default->value : $slot->default;
        }

        return $schema;
    }

    /** @return array<string, mixed> */
    private static function type(Slot $slot): array
    {
        $type = $slot->type;

        return match (true) {
            $type === 'float' => ['type' => 'number', ...self::limits($slot->field)],
            $type === 'int' => ['type' => 'integer', ...self::limits($slot->field)],
            $type === 'bool' => ['type' => 'boolean'],
            $type === 'string' => ['type' => 'string'],
            $type === 'array' => self::list($slot->field),
            is_subclass_of($type, BackedEnum::class) => [
                'type' => 'string',
                'enum' => array_column($type::cases(), 'value'),
            ],
            class_exists($type) => self::object($type),
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private static function list(Field $field): array
    {
        $items = match (true) {
            $field->of === 'number', $field->of === 'integer' => ['type' => $field->of, ...self::limits($field)],
            $field->of === 'string' => ['type' => 'string'],
            $field->of !== null && class_exists($field->of) => self::object($field->of),
            default => [],
        };

        if ($field->keyed) {
            return ['type' => 'object', 'additionalProperties' => $items];
        }

        return array_filter(
            [
                'type' => 'array',
                'items' => $items,
                'minItems' => $field->minItems,
                'maxItems' => $field->maxItems,
            ],
            static fn (mixed $part): bool => $part !== null && $part !== 0,
        );
    }

    /** @return array<string, float> */
    private static function limits(Field $field): array
    {
        return array_filter(
            [
                'exclusiveMinimum' => $field->above,
                'minimum' => $field->atLeast,
                'exclusiveMaximum' => $field->below,
                'maximum' => $field->atMost,
            ],
            static fn (?float $limit): bool => $limit !== null,
        );
    }
}
