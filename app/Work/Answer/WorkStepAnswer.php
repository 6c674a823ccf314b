<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An operation of a work. */
final readonly class WorkStepAnswer extends Answer
{
    /**
     * @param  array<string, string>  $typed
     */
    public function __construct(
        #[Field('what is to be done')] public string $operation,
        #[Field('as it would be typed', of: 'string', keyed: true)] public array $typed,
        #[Field('how well it has to be done, 1 to 4')] public int $minGrade,
    ) {
    }
}
