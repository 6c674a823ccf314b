<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A tool that is lent or put away. */
final readonly class NotHereAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('what it is called')] public string $name,
        #[Field('to where')] public ?string $to,
        #[Field('since when, ISO 8601')] public ?string $since,
        #[Field('when to ask for it, ISO 8601; null: never')] public ?string $askOn,
    ) {
    }
}
