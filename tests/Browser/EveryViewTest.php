<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/** What holds for each view on both grounds and at both widths. */
final class EveryViewTest extends BrowserTestCase
{
    /**
     * Each view is loaded once and then laid at both widths on both grounds, as a turned phone or a fallen evening
     * would.
     */
    public function test_no_view_breaks_the_rules_of_access_or_its_width(): void
    {
        $broken = [];
        $views = $this->views();
        foreach ($views as $view) {
            $this->device(1280, 'light');
            $this->open($view);
            Access::bring($this->browser);
            $this->assertHasAName($view);
            foreach ([1280, 360] as $width) {
                $broken += $this->brokenAt($view, $width);
            }
            $this->assertGivesWay($view);
        }
        self::assertSame([], $broken);
        // The browser itself tells of the one address that is not there, and of nothing else.
        $logs = $this->severeLogs();
        self::assertCount(1, $logs);
        self::assertMatchesRegularExpression('#/nowhere - .*status of 404#', $logs[0]);
    }

    /** The narrowest phone, letters twice as large, and paper. */
    private function assertGivesWay(string $view): void
    {
        $this->device(320, 'light');
        usleep(150_000);
        self::assertLessThanOrEqual(320, $this->width(), "$view is wider than 320");
        $this->device(1280, 'light');
        $this->browser->executeScript('document.documentElement.style.fontSize = "200%"');
        usleep(150_000);
        self::assertLessThanOrEqual(1280, $this->width(), "$view is too wide with letters twice as large");
        $this->browser->executeScript('document.documentElement.style.fontSize = ""');
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
        $pressed = $this->browser->executeScript(
            'return [...document.querySelectorAll("nav, header, button:not([data-read])")]'.
                '.filter(one => one.checkVisibility()).length',
        );
        $tools->execute('Emulation.setEmulatedMedia', ['media' => '']);
        self::assertSame(0, $pressed, "$view prints what can only be pressed");
    }

    private function width(): int
    {
        return (int) $this->browser->executeScript('return document.documentElement.scrollWidth');
    }

    private function assertHasAName(string $view): void
    {
        $title = (string) $this->browser->getTitle();
        self::assertStringEndsWith(' – Jack Rest', $title, $view);
        $headings = $this->browser->executeScript('return document.querySelectorAll("h1").length');
        self::assertSame(1, $headings, "$view has no name, or more than one");
    }

    /** @return array<string, list<string>> what breaks a rule, by view, width and ground */
    private function brokenAt(string $view, int $width): array
    {
        $this->device($width, 'light');
        usleep(250_000);
        self::assertLessThanOrEqual($width, $this->width(), "$view is wider than $width");
        $found = ["$view, $width wide, light" => Access::violations($this->browser)];
        $this->device($width, 'dark');
        usleep(150_000);
        self::assertTrue($this->browser->executeScript('return matchMedia("(prefers-color-scheme: dark)").matches'));

        // The ground changes colours and nothing else.
        return array_filter([
            ...$found,
            "$view, $width wide, dark" => Access::violations($this->browser, ['color-contrast']),
        ]);
    }

    /** @return list<string> */
    private function views(): array
    {
        $ids = static fn (string $of): array => array_column(
            (array) json_decode((string) file_get_contents(self::server()->url("/api/$of")), true)[$of],
            'id',
        );
        $references = $ids('references');
        $making = json_decode((string) file_get_contents(self::server()->url('/api/plans')), true)['makings'][0]['id'];
        $this->startSession($ids('edges')[0]);
        $session = $this->browser->getCurrentURL();

        return [
            '/',
            '/kit',
            '/kit/add',
            '/kit/add?kind=jack-plane',
            '/kit/tools/'.$this->first('board'),
            '/work',
            '/work/works/'.$this->first('works'),
            '/true/eye',
            '/work/works/'.$this->first('works').'/make',
            '/work/jobs/'.$this->job(),
            '/work/dovetails',
            '/work/mortise?work='.$this->first('works'),
            '/work/recess?work='.$this->first('works'),
            '/work/saw',
            '/work/tongue',
            '/work/fence',
            '/work/boring',
            '/work/shavings',
            '/work/stages',
            '/work/works/new',
            '/work/works/new?pattern=tenoned-stand',
            '/kit/ladder',
            '/kit/fit/saws',
            '/kit/fit/marks',
            '/kit/school',
            '/kit/care',
            '/kit/shadow-boards',
            '/kit/shadow-boards/new',
            '/benches',
            '/backups',
            '/kit/idle',
            '/kit/look',
            '/kit/look/'.$ids('looks')[0],
            '/edges',
            '/edges/day',
            '/edges/rack',
            '/edges/rack?stone=new',
            '/edges/guides',
            '/edges/guides/new',
            '/edges/saws',
            '/edges/augers',
            '/edges/scrapers',
            '/diary/files',
            ...array_map(static fn (string $page): string => '/edges/'.$ids('edges')[0].$page, [
                '',
                '/geometry',
                '/diary',
            ]),
            '/edges/'.$this->iron().'/curve',
            '/true',
            '/true/add',
            '/true/known',
            '/true/winding',
            '/true/wood',
            '/true/season',
            '/true/blanks',
            '/true/blanks/new',
            '/true/blanks/'.$ids('blanks')[0],
            '/true/plans',
            '/true/plans/bridle-square',
            '/true/plans/straightedge',
            '/true/plans/mallet',
            '/true/plans/makings/'.$making,
            '/true/three-edges',
            ...array_map(static fn (int $id): string => "/true/references/$id", $references),
            '/diary',
            '/nowhere',
            (string) parse_url($session, PHP_URL_PATH),
        ];
    }

    private function first(string $list): int
    {
        return json_decode((string) file_get_contents(self::server()->url('/api/kit')), true)[$list][0]['id'];
    }

    private function job(): int
    {
        $asked = self::server()->url("/api/works/{$this->first('works')}/job");

        return json_decode((string) file_get_contents($asked), true)['jobs'][0]['id'];
    }

    private function iron(): int
    {
        $edges = json_decode((string) file_get_contents(self::server()->url('/api/edges')), true)['edges'];

        return array_column($edges, 'id', 'form')['plane-iron'];
    }

    private function startSession(int $edge): void
    {
        $this->open("/edges/$edge");
        $this->press('Start at the bench');
        $this->seesText('Fetch the');
    }

    /** @return list<string> */
    private function severeLogs(): array
    {
        /** @var list<array{level: string, message: string}> $log */
        $log = $this->browser->manage()->getLog('browser');

        return array_values(
            array_column(array_filter($log, static fn (array $line): bool => $line['level'] === 'SEVERE'), 'message'),
        );
    }
}
