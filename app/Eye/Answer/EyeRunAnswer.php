<?php

declare(strict_types=1);

namespace App\Eye\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Eye\Exercise;
use JackRest\Desk\Eye\EyeMark;

/** An exercise case by case. */
final readonly class EyeRunAnswer extends Answer
{
    /**
     * @param  list<EyeMark>  $marks
     * @param  list<WordAnswer>  $choices
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('which exercise')] public Exercise $exercise,
        #[Field('what is asked')] public string $asks,
        #[Field('what can be answered', of: WordAnswer::class)] public array $choices,
        #[Field('what is told of it, ready to be read; empty: it is shown')] public string $told,
        #[Field('what is shown; nothing where it is told, or has ended', of: EyeMark::class)] public array $marks,
        #[Field('pixels of a millimetre on this screen')] public float $pxPerMm,
        #[Field('how many were answered')] public int $answered,
        #[Field('of how many')] public int $of,
        #[Field('what is said of the last answer, ready to be read; empty: there was none')] public string $said,
        #[Field('whether that was wrong')] public bool $isWrong,
        #[Field('what was found, ready to be read; null: it has not ended')] public ?string $seen,
        #[Field('what that counts for, ready to be read')] public string $counts,
    ) {
    }
}
