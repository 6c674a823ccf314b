<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChooseWorkRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Work;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

/** Takes a work into the plan, or leaves it for later. */
final class ChooseWork
{
    public function __invoke(ChooseWorkRequest $request, Ledger $ledger, Work $work, LengthFormatter $format): JsonResponse
    {
        $chosen = $request->boolean('chosen');
        $sentence = $chosen ? "Took up the {$work->name}." : "Left the {$work->name} for later.";
        $ledger->record('work-chosen', $work->name, $sentence, static function (Changes $changes) use ($work, $chosen, $request): void {
            $changes->update($work, ['chosen' => $chosen], $request->version());
        });

        return (new ShowWorks)($ledger->bench, $format);
    }
}
