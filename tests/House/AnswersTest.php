<?php

declare(strict_types=1);

namespace Tests\House;

use App\Http\Created;
use Contract\Answers;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;
use Symfony\Component\Yaml\Yaml;
use Tests\Http\HttpTestCase;

/** Every call of the contract answers what its controller returns. */
final class AnswersTest extends HttpTestCase
{
    /** Calls that answer with a stream when they are asked to, so that their type says less. */
    private const STREAMED = ['previewImport', 'takeImport'];

    /** @return iterable<string, array{string, string}> */
    public static function calls(): iterable
    {
        /** @var array{calls: array<string, string>} $screens */
        $screens = Yaml::parseFile(__DIR__.'/../../contract/screens.yaml');
        foreach ($screens['calls'] as $name => $line) {
            yield $name => [$name, $line];
        }
    }

    #[DataProvider('calls')]
    public function test_a_call_answers_what_its_controller_returns(string $name, string $line): void
    {
        [$method, $path] = explode(' ', (string) preg_replace('~[?].*~', '', $line));
        $answer = self::answer($line);
        $route = self::route($method, ltrim($path, '/'));
        $returned = self::returned($route);

        if (in_array($name, self::STREAMED, true)) {
            self::assertStringContainsString('StreamedResponse', $returned);
        } else {
            $class = "{$answer}Answer";
            self::assertSame(str_contains($line, '-> 201 ') ? "Created<$class>" : $class, $returned);
        }
    }

    #[DataProvider('calls')]
    public function test_a_call_sends_what_its_controller_reads(string $name, string $line): void
    {
        [$method, $path, $sent] = explode(' ', $line);
        $route = self::route($method, ltrim((string) preg_replace('~[?].*~', '', $path), '/'));
        $read = array_filter(
            array_map(
                static fn (ReflectionParameter $parameter): string => class_basename((string) $parameter->getType()),
                self::method($route)->getParameters(),
            ),
            static fn (string $type): bool => str_ends_with($type, 'Request') && $type !== 'Request',
        );

        // What stands in an address is read by a request, too; it has no body.
        if (! str_contains($path, '?')) {
            self::assertSame($sent === '->' ? [] : [$sent], array_values($read));
        } else {
            self::assertSame('->', $sent);
        }
    }

    public function test_every_answer_is_sent_by_a_call(): void
    {
        $answers = new Answers();
        $answers->add('Errors');
        foreach (self::calls() as [, $line]) {
            $answers->add(self::answer($line));
        }

        self::assertSame([], $answers->unused());
    }

    private static function answer(string $line): string
    {
        return (string) preg_replace('~^.* -> (?:\d+ )?(\w+).*$~', '$1', $line);
    }

    private static function route(string $method, string $path): Route
    {
        $bare = static fn (string $address): string => (string) preg_replace('/\{\w+\}/', '{}', $address);
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (in_array($method, $route->methods(), true) && $bare($route->uri()) === $bare($path)) {
                return $route;
            }
        }
        self::fail("There is no route for $method $path.");
    }

    private static function method(Route $route): ReflectionMethod
    {
        return new ReflectionMethod(
            $route->getControllerClass() ?? self::fail('no controller'),
            $route->getActionMethod(),
        );
    }

    /** The class that a controller's method returns; of what is created, the class told of in its comment. */
    private static function returned(Route $route): string
    {
        $method = self::method($route);
        $type = $method->getReturnType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : (string) $type;
        if ($name === Created::class) {
            preg_match('/@return (Created<\w+>)/', (string) $method->getDocComment(), $told);

            return $told[1] ?? 'Created of nothing';
        }

        return class_exists($name) ? class_basename($name) : $name;
    }
}
