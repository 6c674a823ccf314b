<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

use LogicException;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;

/** The fields of a value class, read once from its constructor. */
final class Shape
{
    /** @var array<class-string, self> */
    private static array $known = [];

    /** @param  list<Slot>  $slots */
    private function __construct(public readonly array $slots)
    {
    }

    /** @param  class-string  $class */
    public static function of(string $class): self
    {
        return self::$known[$class] ??= new self(array_map(
            self::slot(...),
            (new ReflectionClass($class))->getConstructor()?->getParameters() ?? [],
        ));
    }

    private static function slot(ReflectionParameter $parameter): Slot
    {
        $type = $parameter->getType();
        $attribute = $parameter->getAttributes(Field::class)[0] ?? null;
        if (! $type instanceof ReflectionNamedType || $attribute === null) {
            throw new LogicException("\${$parameter->getName()} needs one plain type and a #[Field].");
        }

        return new Slot(
            $parameter->getName(),
            $type->getName(),
            $type->allowsNull(),
            $parameter->isOptional(),
            $parameter->isOptional() ? $parameter->getDefaultValue() : null,
            $attribute->newInstance(),
        );
    }
}
