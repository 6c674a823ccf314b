<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\FieldAnswer;
use App\Http\Answer\WordAnswer;
use JackRest\Core\Calculation\Field;

/** An edge's geometry. */
final readonly class GeometryPageAnswer extends Answer
{
    /**
     * @param  list<FieldAnswer>  $fields
     * @param  list<WordAnswer>  $steels
     * @param  list<DutyAnswer>  $duties
     */
    public function __construct(
        #[Field('the edge')] public EdgeAnswer $edge,
        #[Field('what is asked', of: FieldAnswer::class)] public array $fields,
        #[Field('whether the tool has a bed')] public bool $hasBed,
        #[Field('whether the bevel lies up')] public bool $bevelUp,
        #[Field('of which steel')] public string $steel,
        #[Field('what it is for')] public string $duty,
        #[Field('which steels there are', of: WordAnswer::class)] public array $steels,
        #[Field('what edges are for', of: DutyAnswer::class)] public array $duties,
    ) {
    }
}
