<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One edge of the outlook. */
final readonly class OutlookEdgeAnswer extends Answer
{
    public function __construct(
        #[Field('the edge\'s number')] public int $edgeId,
        #[Field('what it is called')] public string $name,
        #[Field('how long it will stay sharp, in one sentence')] public string $forecast,
        #[Field('in how many days it will be blunt, as likely sooner as later; null: not known')] public ?float $days,
        #[Field('how likely, 0 to 1')] public float $chance,
        #[Field('whether it is more likely than not')] public bool $likely,
    ) {
    }
}
