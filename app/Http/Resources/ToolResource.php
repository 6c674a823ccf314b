<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Tool;

final class ToolResource
{
    /** @return array<string, mixed> */
    public static function of(Tool $tool): array
    {
        $kind = $tool->kindOfTool();

        return [
            'id' => $tool->id,
            'version' => $tool->version,
            'kind' => $tool->kind,
            'name' => $tool->name,
            'says' => $kind->says,
            'form' => $kind->form,
            'group' => $kind->group->value,
            'status' => $tool->status->value,
            'sizeMm' => (object) $tool->toCore()->sizes(),
            'price' => $tool->price,
        ];
    }
}
