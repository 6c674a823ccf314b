<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;

/** The rules of access (WCAG 2.2, levels A and AA) as axe knows them. */
final class Access
{
    public const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

    /** Once for each page that was opened. */
    public static function bring(RemoteWebDriver $in): void
    {
        $in->executeScript(
            (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
        );
    }

    /**
     * @param  list<string>  $rules
     * @return list<string> what breaks one
     */
    public static function violations(RemoteWebDriver $in, array $rules = self::RULES): array
    {
        /** @var list<string> $found */
        $found = $in->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'.
                'axe.run(document, {runOnly: arguments[0]}).then(r => done(r.violations.map(v => v.id + ": " + '
                    .'v.nodes.map(n => n.target + " " + n.failureSummary).join(" | "))))',
            [$rules],
        );

        return $found;
    }
}
