<?php

declare(strict_types=1);

namespace App\Entry;

use App\Http\Answer\CalculationAnswer;
use App\Http\Answer\CalculationsAnswer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Catalogue\Catalogue;
use JsonException;

/** Every calculation of the core, as the terminal has it. */
final class CalculationController
{
    public function index(): CalculationsAnswer
    {
        $rows = [];
        foreach (Catalogue::entries() as $name => $entry) {
            $rows[] = new CalculationAnswer(name: $name, title: $entry->title);
        }

        return new CalculationsAnswer(calculations: $rows);
    }

    /** Any calculation of the core, as in the terminal: the same body, the same answer. */
    public function compute(Request $request, string $name): JsonResponse
    {
        $entry = Catalogue::named($name);
        try {
            $json = json_decode($request->getContent(), false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw InvalidInput::because('', 'is not JSON ('.$broken->getMessage().'): give one JSON object');
        }
        $answer = static fn (): array => $entry->answer($json);

        return new JsonResponse(
            $entry->searches ? TakeTurns::within($answer) : $answer(),
            options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }
}
