<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\Species;

/** The woods that are listed, with how much they shrink. */
final class ShowWood
{
    public function __invoke(): JsonResponse
    {
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1);

        return new JsonResponse(['species' => array_map(static fn (Species $species): array => ['value' => $species->name, 'label' => "$species->name ({$pct($species->radialPct)} / {$pct($species->tangentialPct)} %)"], Species::all())]);
    }
}
