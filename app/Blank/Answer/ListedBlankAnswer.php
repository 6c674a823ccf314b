<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Shelf\Fitness;

/** A blank on the shelf. */
final readonly class ListedBlankAnswer extends Answer
{
    /**
     * @param  list<BlankReasonAnswer>  $reasons
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('how fit it is')] public Fitness $fitness,
        #[Field('what speaks for it and against it', of: BlankReasonAnswer::class)] public array $reasons,
        #[Field('how much it moves, ready to be read')] public string $moves,
        #[Field('angle of the rings to the face, degrees')] public float $ringDeg,
        #[Field('length, mm')] public float $lengthMm,
        #[Field('width, mm')] public float $widthMm,
        #[Field('thickness, mm')] public float $thicknessMm,
        #[Field('as it would be typed')] public BlankTypedAnswer $typed,
        #[Field('how its rest stands')] public RestAnswer $rest,
    ) {
    }
}
