<?php

declare(strict_types=1);

namespace App\Kit;

use App\Bench\Bench;
use App\Kit\Answer\FitAnswer;
use App\Kit\Answer\FitPreviewAnswer;
use App\Kit\Answer\FitsAnswer;
use App\Tool\Tool;
use App\Work\KitOfBench;
use JackRest\Core\Fit\OwnBite;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Fit\FitQuestion;

/** Does this tool fit that job? */
final class FitController
{
    public function index(LengthFormatter $format): FitsAnswer
    {
        return new FitsAnswer(
            fits: array_map(
                static fn (FitQuestion $question): FitAnswer => FitResource::question($question, $format),
                FitQuestion::cases(),
            ),
        );
    }

    /** The tools at hand side by side for one piece of work; writes nothing. */
    public function answer(
        FitRequest $request,
        Bench $bench,
        LengthFormatter $format,
        string $question,
    ): FitPreviewAnswer {
        $asked = FitQuestion::tryFrom($question) ?? abort(404);
        $bites = [];
        foreach (Tool::of($bench)->whereHas('strokeCounts')->with('strokeCounts')->get() as $saw) {
            assert($saw instanceof Tool);
            $bites[(string) $saw->id] = OwnBite::from($saw->sawCounts());
        }

        return FitResource::form(
            $asked->answered(
                $request->typed(),
                $request->hardness(),
                (new KitOfBench($bench))->owned(),
                $format,
                array_filter($bites),
            ),
        );
    }
}
