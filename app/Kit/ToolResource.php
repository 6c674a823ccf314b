<?php

declare(strict_types=1);

namespace App\Kit;

use App\Http\OutlineResource;
use JackRest\Core\Outline\Outlines;

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
            'group' => $kind->group->value,
            'status' => $tool->status->value,
            'outline' => OutlineResource::of(Outlines::ofTool($tool->toCore())),
            'price' => $tool->price,
            'isIdle' => $isIdle,
            'lentTo' => $tool->lent_on === null ? null : $tool->lent_to,
            'awayOn' => $tool->away_on,
        ];
    }
}
