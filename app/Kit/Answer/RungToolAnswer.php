<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;

/** A tool of a rung. */
final readonly class RungToolAnswer extends Answer
{
    public function __construct(
        #[Field('its name among what can be got')] public string $offer,
        #[Field('the tool\'s number; null: none')] public ?int $toolId,
        #[Field('what it is called')] public string $name,
        #[Field('which kind it is')] public string $kind,
        #[Field('its outline')] public ToolOutlineAnswer $outline,
        #[Field('what it costs')] public float $cost,
        #[Field('what it costs, ready to be read')] public string $costText,
        #[Field('whether the price is the user\'s own')] public bool $ownPrice,
        #[Field('whether it is made and not bought')] public bool $made,
        #[Field('how long making it takes, minutes; null: it is bought')] public ?int $minutes,
        #[Field('the plan it is made by; null: it is bought')] public ?string $plan,
        #[Field('what it makes possible, or better')] public string $for,
        #[Field('in which month it can be paid; null: not told')] public ?string $month,
    ) {
    }
}
