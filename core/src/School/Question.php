<?php

declare(strict_types=1);

namespace JackRest\Core\School;

use OutOfBoundsException;

/** A question on which good people disagree; the first answer stands until another is chosen. */
final readonly class Question
{
    /** @param  non-empty-list<Option>  $answers */
    public function __construct(public string $id, public string $asks, public array $answers)
    {
    }

    /** @throws OutOfBoundsException */
    public function answer(?string $id): Option
    {
        foreach ($this->answers as $answer) {
            if ($answer->id === $id) {
                return $answer;
            }
        }

        return $id === null
            ? $this->answers[0]
            : throw new OutOfBoundsException("\"$id\" is no answer to “{$this->asks}”");
    }
}
