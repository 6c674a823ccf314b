<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EdgesOfTool;
use App\Http\Requests\EditToolRequest;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use App\Models\Tool;
use App\Reference\ReferencesOfTool;
use Illuminate\Http\JsonResponse;
use JackRest\Core\Measure\LengthFormatter;

final class EditTool
{
    public function __invoke(EditToolRequest $request, Ledger $ledger, Tool $tool, LengthFormatter $format): JsonResponse
    {
        $values = $request->values($tool, $format);
        $ledger->record('tool-changed', (string) $values['name'], "Changed the {$values['name']}.", static function (Changes $changes) use ($tool, $values, $request, $format): void {
            $changes->update($tool, $values, $request->version());
            EdgesOfTool::bring($changes, $tool, $format);
            ReferencesOfTool::bring($changes, $tool);
        });

        return (new ShowTool)($ledger->bench, $tool, $format);
    }
}
