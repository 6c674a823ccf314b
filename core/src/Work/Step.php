<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Timber\Hardness;

/** One operation of a work that a user put together, with its own numbers. */
final readonly class Step
{
    /** @param  array<string, float>  $mm  by {@see Fact} */
    public function __construct(public string $operation, public array $mm = [], public int $minGrade = 3)
    {
    }

    /** @throws InvalidInput for an operation or a number nobody knows */
    public function task(Hardness $hardness): Task
    {
        $operation =
            Operations::all()[$this->operation] ??
            throw InvalidInput::because('operation', "\"{$this->operation}\" is no operation known here");
        foreach (array_keys($this->mm) as $fact) {
            if (Fact::tryFrom($fact) === null) {
                throw InvalidInput::because('mm', "\"$fact\" is no number a work has");
            }
        }

        return new Task($operation, new Facts($this->mm, $hardness), $this->minGrade);
    }
}
