<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfTool;
use App\Http\Requests\AddToolRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Models\ToolStatus;
use App\Reference\ReferencesOfTool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class AddTool
{
    public function __invoke(AddToolRequest $request, Ledger $ledger, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($format);
        $tool = null;
        $sentence = $values['status'] === ToolStatus::Owned ? "Hung up the {$values['name']}." : "Put the {$values['name']} on the list.";
        $ledger->record('tool-added', (string) $values['name'], $sentence, static function (Changes $changes) use ($values, $format, &$tool): void {
            $tool = $changes->create($changes->bench->tools(), $values);
            EdgesOfTool::bring($changes, $tool, $format);
            ReferencesOfTool::bring($changes, $tool);
        });
        assert($tool instanceof Tool);

        return (new ShowTool)($ledger->bench, $tool, $format)->setStatusCode(201);
    }
}
