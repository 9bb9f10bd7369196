/** Every sentence the application says, kept in one resource bundle. */
package cufflink.core.words;
