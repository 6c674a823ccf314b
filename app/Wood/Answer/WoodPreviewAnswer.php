<?php

declare(strict_types=1);

namespace App\Wood\Answer;

use App\Http\Answer;
use App\Http\Answer\NextAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Reading;

/** How a piece of wood moves. */
final readonly class WoodPreviewAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     * @param  list<string>  $lines
     * @param  list<Explanation>  $how
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
        #[Field('how much it moves, mm; null: not computed')] public ?float $changeMm,
        #[Field('the same, ready to be read')] public ?string $change,
        #[Field('how far the section turns, degrees')] public ?float $rotationDeg,
        #[Field('angle of the rings to the face, degrees')] public float $ringDeg,
        #[Field('width, mm')] public ?float $widthMm,
        #[Field('line by line, ready to be read', of: 'string')] public array $lines,
        #[Field('what to do next')] public NextAnswer $next,
        #[Field('where the numbers come from', of: Explanation::class)] public array $how,
    ) {
    }
}
