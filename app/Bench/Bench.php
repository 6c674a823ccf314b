<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Database\Eloquent\Model;

/**
 * A bench. Everything kept on it is a record, found through it: Edge::of($bench).
 *
 * @property int $id
 * @property string $name
 * @property int $revision counts every write, so that another window can tell that something changed
 */
final class Bench extends Model
{
    protected $guarded = [];

    protected $attributes = ['revision' => 0];
}
