<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use App\Ledger\Correctable;
use App\Ledger\Written;
use JackRest\Core\Calculation\Field;

/** The entry of the diary by which something was written, to be corrected or undone where that stands. */
final readonly class WrittenAnswer extends Answer
{
    public function __construct(
        #[Field('the entry\'s number')] public int $entry,
        #[Field('which kind it is')] public string $kind,
        #[Field('whether it can be typed again, the old one kept')] public bool $correctable,
        #[Field('whether it wrote of others too, which go with it')] public bool $isJoint,
    ) {
    }

    public static function of(?Written $written): ?self
    {
        return $written === null
            ? null
            : new self(
                $written->entry,
                $written->kind,
                Correctable::is($written->kind, $written->isTyped),
                $written->rows > 1,
            );
    }
}
