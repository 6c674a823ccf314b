<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\WorkRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Work;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class AddWork
{
    public function __invoke(WorkRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($format);
        $work = null;
        $ledger->record('work-added', (string) $values['name'], "Took up a work: {$values['name']}.", static function (Changes $changes) use ($values, &$work): void {
            $work = $changes->create($changes->bench->works(), [...$values, 'says' => '', 'min_grades' => [], 'chosen' => true]);
        });
        assert($work instanceof Work);

        return (new ShowWork)($ledger->bench, $work, $format)->setStatusCode(201);
    }
}
