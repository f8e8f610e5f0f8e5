/**
 * The screens of the application as tests drive them: what can be done on each, and what it shows.
 */
package mellow.e2e.screen;
