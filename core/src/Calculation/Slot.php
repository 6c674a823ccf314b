<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

/** One named place in an input or a result: its type, its meaning, whether it may be left out. */
final readonly class Slot
{
    /** @param  string  $type float, int, string, bool, array, or the name of an enum or a value class */
    public function __construct(
        public string $name,
        public string $type,
        public bool $nullable,
        public bool $optional,
        public mixed $default,
        public Field $field,
    ) {
    }
}
