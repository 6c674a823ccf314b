<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Database\Eloquent\Model;

/**
 * A record of a bench for a test: valid as it is, with named states for what the test is about.
 *
 * @template TModel of Model
 *
 * @extends Factory<TModel>
 */
abstract class RecordFactory extends Factory
{
    /** A factory of records that stand at this bench. */
    public static function at(Bench $bench): static
    {
        return static::new()->state(['bench_id' => $bench->id]);
    }

    public function named(string $name): static
    {
        return $this->state(['name' => $name]);
    }
}
