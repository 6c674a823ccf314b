<?php

declare(strict_types=1);

namespace Contract;

use Illuminate\Foundation\Http\FormRequest;
use RuntimeException;
use Stringable;

/**
 * The schemas of what calls send, from the rules that check it: app/…/…Request, each under its own name.
 *
 * A text that may be empty is a string here; null is told of only where an empty text would not do.
 */
final class Requests
{
    /** Longer lists of choices change with the catalogue; their fields are plain texts. */
    private const MOST_CHOICES = 4;

    /** @var array<string, class-string<FormRequest>> by the name that the contract has */
    private array $classes = [];

    /** @var array<string, array{type: string, properties: array<string, mixed>, required: list<string>}> */
    private array $schemas = [];

    /** @throws RuntimeException when two requests share a name */
    public function __construct()
    {
        foreach (array_filter((array) glob(__DIR__.'/../app/*/*Request.php'), is_string(...)) as $file) {
            /** @var class-string<FormRequest> $class */
            $class = 'App\\'.basename(dirname($file)).'\\'.basename($file, '.php');
            $name = basename($file, '.php');
            if (isset($this->classes[$name])) {
                throw new RuntimeException("Two requests are called $name.");
            }
            $this->classes[$name] = $class;
        }
    }

    /** @throws RuntimeException when no class has it */
    public function add(string $name): void
    {
        $class = $this->classes[$name] ?? throw new RuntimeException("No request is called $name.");
        $request = new $class();
        if (! method_exists($request, 'rules')) {
            throw new RuntimeException("$class has no rules.");
        }
        /** @var array<string, list<mixed>> $rules */
        $rules = $request->rules();
        $this->schemas[$name] = self::object($rules);
    }

    /** @return array<string, array<string, mixed>> of what was added, by name */
    public function schemas(): array
    {
        ksort($this->schemas);

        return $this->schemas;
    }

    /**
     * @param  array<string, list<mixed>>  $rules  by field; `a.b` lies within `a`, `a.*` is each of `a`
     * @return array{type: string, properties: array<string, mixed>, required: list<string>, additionalProperties: bool}
     */
    private static function object(array $rules): array
    {
        $properties = $required = [];
        foreach ($rules as $field => $of) {
            if (str_contains($field, '.')) {
                continue;
            }
            $properties[$field] = self::field($of, self::within($rules, $field));
            if (self::isNeeded($of)) {
                $required[] = $field;
            }
        }

        return [
            'type' => 'object',
            'properties' => $properties,
            'required' => $required,
            'additionalProperties' => false,
        ];
    }

    /**
     * @param  list<mixed>  $of
     * @param  array<string, list<mixed>>  $within
     * @return array<string, mixed>
     */
    private static function field(array $of, array $within): array
    {
        $choices = self::choices($of);

        return match (true) {
            in_array('array', $of, true) => self::many($of, $within),
            in_array('integer', $of, true) => self::type('integer', $of),
            in_array('numeric', $of, true) => self::type('number', $of),
            in_array('boolean', $of, true) => self::type('boolean', $of),
            $choices !== [] => self::choice($choices, $of),
            self::begins($of, 'date_format:') => self::type('string', $of),
            default => ['type' => 'string'],
        };
    }

    /**
     * @param  list<mixed>  $of
     * @param  array<string, list<mixed>>  $within
     * @return array<string, mixed>
     */
    private static function many(array $of, array $within): array
    {
        $below = self::within($within, '*');
        $each = match (true) {
            isset($within['*']) => self::field($within['*'], $below),
            $below !== [] => self::object($below),
            default => [],
        };

        return match (true) {
            in_array('list', $of, true) => ['type' => 'array', 'items' => $each],
            $each !== [] => ['type' => 'object', 'additionalProperties' => $each],
            default => self::object($within),
        };
    }

    /**
     * @param  list<string>  $choices
     * @param  list<mixed>  $of
     * @return array<string, mixed>
     */
    private static function choice(array $choices, array $of): array
    {
        $schema = self::type('string', $of);
        if (count($choices) <= self::MOST_CHOICES) {
            $schema['enum'] = in_array('nullable', $of, true) ? [...$choices, null] : $choices;
        }

        return $schema;
    }

    /**
     * @param  list<mixed>  $of
     * @return array{type: string|list<string>}
     */
    private static function type(string $type, array $of): array
    {
        return ['type' => in_array('nullable', $of, true) ? [$type, 'null'] : $type];
    }

    /**
     * @param  list<mixed>  $of
     * @return list<string> what a field may be, where that is a list
     */
    private static function choices(array $of): array
    {
        foreach ($of as $rule) {
            $text = is_string($rule) || $rule instanceof Stringable ? (string) $rule : '';
            if (str_starts_with($text, 'in:')) {
                return array_values(array_filter(str_getcsv(substr($text, 3), escape: ''), is_string(...)));
            }
        }

        return [];
    }

    /** @param  list<mixed>  $of */
    private static function isNeeded(array $of): bool
    {
        return in_array('required', $of, true) ||
            in_array('present', $of, true) ||
            self::begins($of, 'required_with:') ||
            self::begins($of, 'present_with:');
    }

    /** @param  list<mixed>  $of */
    private static function begins(array $of, string $start): bool
    {
        $beginning = array_filter(
            $of,
            static fn (mixed $rule): bool => is_string($rule) && str_starts_with($rule, $start),
        );

        return $beginning !== [];
    }

    /**
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, list<mixed>> those within a field, by what stands behind its dot
     */
    private static function within(array $rules, string $field): array
    {
        $within = [];
        foreach ($rules as $name => $of) {
            if (str_starts_with($name, "$field.")) {
                $within[substr($name, strlen($field) + 1)] = $of;
            }
        }

        return $within;
    }
}
