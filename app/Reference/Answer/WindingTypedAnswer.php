<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The fields of the page of winding. */
final readonly class WindingTypedAnswer extends Answer
{
    /**
     * @param  list<WindingRowAnswer>  $rows
     */
    public function __construct(
        #[Field('width of the board')] public string $boardWidth,
        #[Field('length of the sticks')] public string $stickLength,
        #[Field('the reading with the sticks turned')] public string $turned,
        #[Field('thickness of a shaving')] public string $shaving,
        #[Field('how good it has to be')] public string $tolerance,
        #[Field('which board on the list it is; 0: none')] public int $board,
        #[Field('line by line', of: WindingRowAnswer::class)] public array $rows,
    ) {
    }
}
