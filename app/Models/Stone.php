<?php

declare(strict_types=1);

namespace App\Models;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Edge\Stone as CoreStone;

/**
 * @property string $name
 * @property GritScale $scale
 * @property string $designation
 * @property float $cut_factor
 * @property float $change_seconds
 */
final class Stone extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['scale' => GritScale::class, 'cut_factor' => 'float', 'change_seconds' => 'float'];
    }

    public function toCore(): CoreStone
    {
        return new CoreStone("stone-{$this->id}", $this->name, $this->scale, $this->designation, $this->cut_factor, $this->change_seconds);
    }
}
