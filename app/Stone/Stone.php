<?php

declare(strict_types=1);

namespace App\Stone;

use App\Ledger\Record;
use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Edge\HoningStone as CoreStone;
use JackRest\Core\Rack\NewStone;

/**
 * @property string $name
 * @property GritScale $scale
 * @property string $designation
 * @property float $cut_factor
 * @property float $change_seconds
 * @property Medium $medium
 * @property float|null $price
 * @property int|null $lasts_edges edges one piece hones; null: usual for its medium
 * @property string|null $flattened_at
 * @property string|null $begun_at when this piece was new, where an earlier one was worn out
 */
final class Stone extends Record
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'scale' => GritScale::class,
            'cut_factor' => 'float',
            'change_seconds' => 'float',
            'medium' => Medium::class,
            'price' => 'float',
            'lasts_edges' => 'integer',
        ];
    }

    public function toCore(): CoreStone
    {
        return new CoreStone(
            "stone-{$this->id}",
            $this->name,
            $this->scale,
            $this->designation,
            $this->cut_factor,
            $this->change_seconds,
            $this->medium,
        );
    }

    /** @return array<string, mixed> */
    public static function columns(NewStone $stone): array
    {
        return [
            'name' => $stone->name,
            'medium' => $stone->medium,
            'scale' => $stone->scale,
            'designation' => $stone->designation,
            'price' => $stone->price,
            'lasts_edges' => $stone->lastsEdges,
            'change_seconds' => $stone->medium->changeSeconds(),
        ];
    }
}
