<?php

declare(strict_types=1);

namespace App\Wood;

use Illuminate\Validation\Rule;
use JackRest\Core\Timber\Species;

/** A request that names a species of wood in its field "species". */
trait ChoosesWood
{
    /** @return list<mixed> */
    private static function speciesRules(): array
    {
        $names = array_map(static fn (Species $species): string => $species->name, Species::all());

        return ['required', Rule::in($names)];
    }

    /** @return array<string, string> */
    private static function speciesMessages(): array
    {
        return ['species.*' => 'Choose a wood from the list.'];
    }
}
