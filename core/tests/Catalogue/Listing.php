<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\Catalogue;

use BackedEnum;
use Closure;
use ReflectionClass;
use ReflectionEnum;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionObject;
use UnitEnum;

/** What stands in the tables of the core, as text to be read by somebody who knows the trade. */
final class Listing
{
    /** What a number is asked with where a method of an enumeration wants one. */
    private const NUMBERS = ['int' => [1, 3], 'float' => [0.5, 40.0]];

    /** @param  array<mixed>  $table */
    public static function of(array $table): string
    {
        $text = '';
        foreach ($table as $name => $row) {
            $text .= self::value((string) $name, $row, '');
        }

        return $text;
    }

    /** @param  class-string<UnitEnum>  $enum */
    public static function ofEnum(string $enum): string
    {
        $rows = [];
        foreach ($enum::cases() as $case) {
            $rows[$case->name] = $case instanceof BackedEnum ? ['value' => $case->value] : [];
            foreach ((new ReflectionEnum($enum))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
                if (! $method->isStatic()) {
                    $rows[$case->name] += self::asked($case, $method);
                }
            }
        }

        return self::of([substr((string) strrchr($enum, '\\'), 1) => $rows]);
    }

    /** What an object has and answers when it is asked with nothing. */
    public static function ofObject(string $name, object $of): string
    {
        $rows = self::properties($of);
        foreach ((new ReflectionObject($of))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            if (! $method->isStatic() && ! $method->isConstructor() && $method->getNumberOfParameters() === 0) {
                $rows[$method->getName()] = $method->invoke($of);
            }
        }

        return self::of([$name => $rows]);
    }

    /**
     * What the functions of a class answer that take numbers.
     *
     * @param  class-string  $class
     * @param  list<list<float>>  $numbers  each question has as many as it takes
     */
    public static function ofFunctions(string $class, array $numbers): string
    {
        $rows = [];
        foreach ((new ReflectionClass($class))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            $takes = $method->getNumberOfParameters();
            foreach ($method->isStatic() && $takes < 3 ? $numbers : [] as $of) {
                $with = array_slice($of, 0, $takes);
                $rows[$method->getName().'('.implode(', ', $with).')'] = $method->invoke(null, ...$with);
            }
        }

        return self::of([substr((string) strrchr($class, '\\'), 1) => $rows]);
    }

    /** @return array<string, mixed> what a case answers, by question; none where it takes what is not made up here */
    private static function asked(UnitEnum $case, ReflectionMethod $method): array
    {
        $choices = [[]];
        foreach ($method->getParameters() as $parameter) {
            $type = $parameter->getType();
            $name = $type instanceof ReflectionNamedType ? $type->getName() : '';
            $values = self::NUMBERS[$name] ?? (enum_exists($name) ? $name::cases() : []);
            $longer = [];
            foreach ($choices as $choice) {
                foreach ($values as $value) {
                    $longer[] = [...$choice, $value];
                }
            }
            $choices = $longer;
        }
        $answers = [];
        foreach ($choices as $choice) {
            $with = implode(', ', array_map(self::scalar(...), $choice));
            $answers[$method->getName().($with === '' ? '' : "($with)")] = $method->invoke($case, ...$choice);
        }

        return $answers;
    }

    private static function value(string $name, mixed $value, string $indent): string
    {
        if ($value instanceof Closure) {
            return '';
        }
        $isPlain = $value === null || is_scalar($value) || $value instanceof UnitEnum;
        if ($isPlain) {
            return "$indent$name: ".self::scalar($value)."\n";
        }
        $parts = is_object($value) ? self::properties($value) : (array) $value;
        $simple = array_filter($parts, static fn (mixed $part): bool => is_scalar($part) || $part instanceof UnitEnum);
        if (array_is_list($parts) && count($simple) === count($parts)) {
            return "$indent$name: ".implode(', ', array_map(self::scalar(...), $parts))."\n";
        }
        $text = "$indent$name\n";
        foreach ($parts as $part => $of) {
            $text .= self::value((string) $part, $of, "$indent  ");
        }

        return $text;
    }

    /** @return array<string, mixed> without what stands at its default of nothing */
    private static function properties(object $value): array
    {
        $properties = [];
        foreach ((new ReflectionObject($value))->getProperties() as $property) {
            $of = $property->isInitialized($value) ? $property->getValue($value) : null;
            if ($of !== null && $of !== [] && $of !== false) {
                $properties[$property->getName()] = $of;
            }
        }

        return $properties;
    }

    private static function scalar(mixed $value): string
    {
        return match (true) {
            $value instanceof UnitEnum => $value->name,
            is_bool($value) => $value ? 'yes' : 'no',
            $value === null => 'nothing',
            is_float($value) => (string) round($value, 6),
            is_scalar($value) => (string) $value,
            default => get_debug_type($value),
        };
    }
}
