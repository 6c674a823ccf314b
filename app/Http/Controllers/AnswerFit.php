<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitOfBench;
use App\Http\Requests\FitRequest;
use App\Http\Resources\FitResource;
use App\Models\Bench;
use App\Models\Tool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Fit\FitQuestion;

/** The tools at hand side by side for one piece of work; writes nothing. */
final class AnswerFit
{
    public function __invoke(FitRequest $request, Bench $bench, LengthFormatter $format, string $question): JsonResponse
    {
        $asked = FitQuestion::tryFrom($question) ?? abort(404);
        $bites = [];
        foreach ($bench->tools()->whereHas('strokeCounts')->with('strokeCounts')->get() as $saw) {
            assert($saw instanceof Tool);
            $bites[(string) $saw->id] = OwnBite::from($saw->sawCounts());
        }

        return new JsonResponse(FitResource::sheet($asked->answered($request->typed(), $request->hardness(), (new KitOfBench($bench))->owned(), $format, array_filter($bites))));
    }
}
