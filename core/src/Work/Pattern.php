<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use Closure;
use JackRest\Core\Timber\Hardness;

/** A kind of work that expands to operations with the work's own numbers. Common practice. */
final readonly class Pattern
{
    /**
     * @param  string  $form  what it is drawn as
     * @param  list<Measure>  $measures
     * @param  Closure(Measures): list<Task>  $expand
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $says,
        public string $form,
        public array $measures,
        private Closure $expand,
    ) {
    }

    /**
     * @param  array<string, float>  $given
     * @return non-empty-list<Task>
     */
    public function tasks(array $given, Hardness $hardness): array
    {
        $tasks = [];
        foreach (($this->expand)(new Measures($this->measures, $given, $hardness)) as $task) {
            $tasks[$task->key()] = $task;
        }
        assert($tasks !== []);

        return array_values($tasks);
    }

    public function measure(string $name): ?Measure
    {
        foreach ($this->measures as $measure) {
            if ($measure->name === $name) {
                return $measure;
            }
        }

        return null;
    }
}
