<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** The curve of an iron. */
final readonly class CurvePageAnswer extends Answer
{
    /**
     * @param  list<CurveRoleAnswer>  $roles
     * @param  list<WordAnswer>  $woods
     * @param  list<WordAnswer>  $stones
     */
    public function __construct(
        #[Field('the edge')] public EdgeAnswer $edge,
        #[Field('radius of the curve, as it would be typed')] public string $radius,
        #[Field('what a plane can be for', of: CurveRoleAnswer::class)] public array $roles,
        #[Field('how hard wood can be', of: WordAnswer::class)] public array $woods,
        #[Field('the stones it can be shaped on', of: WordAnswer::class)] public array $stones,
    ) {
    }
}
