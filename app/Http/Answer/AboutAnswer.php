<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\ToDo\Topic;

/** The record a line is about. */
final readonly class AboutAnswer extends Answer
{
    public function __construct(
        #[Field('which kind it is')] public string $kind,
        #[Field('the record\'s number')] public ?int $id,
    ) {
    }

    public static function of(Topic $topic): self
    {
        return new self($topic->kind, $topic->id);
    }
}
