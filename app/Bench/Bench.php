<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * A bench. Everything kept on it is a record, found through it: Edge::of($bench).
 *
 * @property int $id
 * @property string $name
 * @property string|null $taken_back_at when it was taken back, brought by mistake; null: people come to it
 * @property int|null $brought_revision how far that had counted when it came from a file; null: it began here
 * @property int $revision counts every write, so that another window can tell that something changed
 */
final class Bench extends Model
{
    /** @return Builder<self> those that people come to: none that was taken back */
    public static function inUse(): Builder
    {
        return self::query()->whereNull('taken_back_at');
    }

    protected $guarded = [];

    protected $attributes = ['revision' => 0];
}
