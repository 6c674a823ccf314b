<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Tool;

final class ToolResource
{
    /**
     * @param  bool  $isIdle  whether it stands idle, where that is asked for
     * @return array<string, mixed>
     */
    public static function of(Tool $tool, bool $isIdle = false): array
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
            'isIdle' => $isIdle,
            'lentTo' => $tool->lent_on === null ? null : $tool->lent_to,
            'awayOn' => $tool->away_on,
        ];
    }
}
