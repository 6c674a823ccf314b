<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use BackedEnum;
use Closure;
use LogicException;

/** Writes the JSON Schema (draft 2020-12) of an input, a result or an answer from its constructor. */
final readonly class SchemaWriter
{
    /** @param  Closure(class-string): array<string, mixed>  $within  the schema of a class within another */
    private function __construct(private Closure $within)
    {
    }

    /**
     * Whole, with all that stands within it.
     *
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    public static function object(string $class): array
    {
        return (new self(self::object(...)))->of($class);
    }

    /**
     * With references to what stands within it.
     *
     * @param  class-string  $class
     * @param  Closure(class-string): array<string, mixed>  $refer
     * @return array<string, mixed>
     */
    public static function referring(string $class, Closure $refer): array
    {
        return (new self($refer))->of($class);
    }

    /**
     * @param  class-string  $class
     * @return array<string, mixed>
     */
    private function of(string $class): array
    {
        $properties = $required = [];
        foreach (Shape::of($class)->slots as $slot) {
            $properties[$slot->name] = $this->slot($slot);
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
    private function slot(Slot $slot): array
    {
        $schema = ['description' => $slot->field->says, ...$this->type($slot)];
        if ($slot->nullable && ! $slot->optional) {
            $schema = self::orNull($schema);
        }
        if ($slot->optional && $slot->default !== null && ! $slot->field->keyed) {
            $schema['default'] = $slot->default instanceof BackedEnum ? $slot->default->value : $slot->default;
        }

        return $schema;
    }

    /** @return array<string, mixed> */
    private function type(Slot $slot): array
    {
        $type = $slot->type;

        return match (true) {
            $type === 'float' => ['type' => 'number', ...self::limits($slot->field)],
            $type === 'int' => ['type' => 'integer', ...self::limits($slot->field)],
            $type === 'bool' => ['type' => 'boolean'],
            $type === 'string' => self::text($slot->field),
            $type === 'array' => $this->list($slot->field),
            is_subclass_of($type, BackedEnum::class) => [
                'type' => 'string',
                'enum' => array_column($type::cases(), 'value'),
            ],
            $type === OrNull::class => ['type' => ['number', 'null']],
            class_exists($type) => ($this->within)($type),
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private function list(Field $field): array
    {
        $items = match (true) {
            $field->of === 'number', $field->of === 'integer' => ['type' => $field->of, ...self::limits($field)],
            $field->of === 'numbers' => ['type' => 'array', 'items' => ['type' => 'number']],
            $field->of === 'string' => ['type' => 'string'],
            $field->of === null => [],
            class_exists($field->of) => ($this->within)($field->of),
            default => throw new LogicException("There is no class {$field->of}."),
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

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function orNull(array $schema): array
    {
        if (isset($schema['$ref'])) {
            $reference = ['$ref' => $schema['$ref']];

            return [...array_diff_key($schema, $reference), 'anyOf' => [$reference, ['type' => 'null']]];
        }
        if (is_array($schema['enum'] ?? null)) {
            $schema['enum'][] = null;
        }

        $schema['type'] = [$schema['type'], 'null'];

        return $schema;
    }

    /** @return array<string, mixed> */
    private static function text(Field $field): array
    {
        return ['type' => 'string', ...$field->among === [] ? [] : ['enum' => $field->among]];
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
