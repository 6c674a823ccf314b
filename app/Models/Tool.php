<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Kit\ToolKind;
use JackRest\Core\Kit\ToolKinds;

/**
 * @property string $kind
 * @property string $name
 * @property ToolStatus $status
 * @property array<string, float> $size dimensions in mm by name
 * @property float|null $price
 */
final class Tool extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['size' => 'array', 'status' => ToolStatus::class, 'price' => 'float'];
    }

    public function kindOfTool(): ToolKind
    {
        return ToolKinds::named($this->kind);
    }
}
