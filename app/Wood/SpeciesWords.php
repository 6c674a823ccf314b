<?php

declare(strict_types=1);

namespace App\Wood;

use App\Http\Answer\WordAnswer;
use JackRest\Core\Timber\Species;

/** The woods that are listed, to choose from. */
final class SpeciesWords
{
    /** @return list<WordAnswer> */
    public static function all(): array
    {
        return array_map(
            static fn (Species $species): WordAnswer => new WordAnswer($species->name, $species->name),
            Species::all(),
        );
    }
}
