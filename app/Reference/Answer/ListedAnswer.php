<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A reference in the list. */
final readonly class ListedAnswer extends Answer
{
    /**
     * @param  list<TrailPointAnswer>  $trail
     */
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('its outline')] public OutlineAnswer $outline,
        #[Field('why it is to be done; null: it is not')] public ?string $due,
        #[Field('when to test it again, ISO 8601; null: not told')] public ?string $nextCheckOn,
        #[Field('what the last test found, ready to be read')] public ?string $lastError,
        #[Field('when it was tested, ISO 8601')] public ?string $testedAt,
        #[Field('how good it has to be, mm')] public float $toleranceMm,
        #[Field('its errors over time', of: TrailPointAnswer::class)] public array $trail,
    ) {
    }
}
