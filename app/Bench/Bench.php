<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A bench. Everything kept on it is a record, found through it: Edge::of($bench).
 *
 * @property int $id
 * @property string $name
 * @property int|null $brought_revision how far that had counted when it came from a file; null: it began here
 * @property int $revision counts every write, so that another window can tell that something changed
 */
final class Bench extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    protected $attributes = ['revision' => 0];
}
