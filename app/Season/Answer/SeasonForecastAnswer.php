<?php

declare(strict_types=1);

namespace App\Season\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What was forecast of a reference. */
final readonly class SeasonForecastAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('whether it says what will happen')] public bool $isClaim,
        #[Field('how likely, 0 to 1')] public ?float $chance,
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('how it turned out; null: not yet')] public ?string $score,
        #[Field('whether it has moved')] public bool $isMoved,
        #[Field('the wood it is for; null: not told')] public ?WoodOfAnswer $wood,
    ) {
    }
}
