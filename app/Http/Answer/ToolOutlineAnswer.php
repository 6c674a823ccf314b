<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A tool's outline in mm. */
final readonly class ToolOutlineAnswer extends Answer
{
    /**
     * @param  list<OutlineBodyAnswer>  $bodies
     * @param  list<string>  $details
     * @param  list<string>  $edges
     * @param  list<OutlineMarkAnswer>  $marks
     */
    public function __construct(
        #[Field('width, mm')] public float $widthMm,
        #[Field('height, mm')] public float $heightMm,
        #[Field('its parts, those behind first', of: OutlineBodyAnswer::class)] public array $bodies,
        #[Field('lines within them, SVG path data in mm', of: 'string')] public array $details,
        #[Field('what of it cuts, SVG path data in mm', of: 'string')] public array $edges,
        #[Field('where its dimensions are drawn', of: OutlineMarkAnswer::class)] public array $marks,
    ) {
    }
}
