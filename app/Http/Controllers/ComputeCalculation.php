<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use JackRest\Core\Calculation\Catalogue;
use JackRest\Core\Calculation\InvalidInput;
use JsonException;

/** Any calculation of the core, as in the terminal: the same body, the same answer. */
final class ComputeCalculation
{
    public function __invoke(Request $request, string $name): JsonResponse
    {
        $entry = Catalogue::named($name);
        try {
            $json = json_decode($request->getContent(), false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw InvalidInput::because('', 'is not JSON ('.$broken->getMessage().'): give one JSON object');
        }

        return new JsonResponse($entry->answer($json), options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
