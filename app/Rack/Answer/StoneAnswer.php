<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A stone. */
final readonly class StoneAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('its name within the program')] public string $key,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('the kind of stone')] public string $medium,
        #[Field('the kind of stone, ready to be read')] public string $mediumLabel,
        #[Field('how its grit is counted')] public string $scale,
        #[Field('the grit as it is marked')] public string $designation,
        #[Field('what is read beside it')] public string $label,
        #[Field('size of the grit, µm')] public float $particleUm,
        #[Field('what it cost; null: not told')] public ?float $price,
        #[Field('how long it lasts')] public int $lasts,
        #[Field('how long it lasts, as it would be typed')] public string $lastsTyped,
        #[Field('how much of it is used, 0 to 1')] public float $worn,
        #[Field('the same, ready to be read')] public string $wornSays,
        #[Field('whether it wears hollow and has to be flattened')] public bool $flattens,
        #[Field('what is said of its face')] public string $flatSays,
        #[Field('why it is to be flattened; null: it is not')] public ?string $due,
        #[Field('whether the pace is the user\'s own')] public ?string $own,
        #[Field('what it costs for one edge, ready to be read')] public ?string $perEdge,
    ) {
    }
}
