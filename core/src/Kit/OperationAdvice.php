<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

/** One operation of a work: the best way at hand, the way the plan opens, or neither. */
final readonly class OperationAdvice
{
    public function __construct(
        public Operation $operation,
        public int $minGrade,
        public ?Way $now,
        public ?Way $planned,
    ) {
    }
}
